package velnik.core.compare;

import java.util.List;
import java.util.Optional;
import velnik.core.outline.Outline;
import velnik.core.outline.OutlineDifference;
import velnik.core.site.Assignment;
import velnik.core.site.Details;
import velnik.core.site.FileId;
import velnik.core.site.Forward;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;

/**
 * How one version of a site becomes another. Self-contained: holds both values of all that differs, and causes rather
 * than effects, so a page that moves is in it, and not the addresses that change with it.
 */
public record Difference(
        OutlineDifference<PageId, Page> pages,
        Optional<ValueDifference<Optional<PageId>>> home,
        OutlineDifference<MenuRowId, MenuRow> menus,
        List<KeyedDifference<LayoutId, Layout>> layouts,
        List<KeyedDifference<Assignment.Key, Assignment>> assignments,
        List<KeyedDifference<Forward.Source, Forward>> forwards,
        List<KeyedDifference<FileId, SiteFile>> files,
        Optional<ValueDifference<Details>> details,
        BinDifference bin) {

    public Difference {
        layouts = List.copyOf(layouts);
        assignments = List.copyOf(assignments);
        forwards = List.copyOf(forwards);
        files = List.copyOf(files);
    }

    /** Costs what differs, not what is there; see {@link OutlineDifference#between}. */
    public static Difference between(Site before, Site after) {
        return new Difference(
                OutlineDifference.between(before.pages(), after.pages()),
                ValueDifference.between(Optional.ofNullable(before.home()), Optional.ofNullable(after.home())),
                OutlineDifference.between(before.menus(), after.menus()),
                KeyedDifference.between(before.layouts(), after.layouts(), Layout::id),
                KeyedDifference.between(before.assignments(), after.assignments(), Assignment::key),
                KeyedDifference.between(before.forwards(), after.forwards(), Forward::from),
                KeyedDifference.between(before.files(), after.files(), SiteFile::id),
                ValueDifference.between(before.details(), after.details()),
                BinDifference.between(before.bin(), after.bin()));
    }

    public boolean isEmpty() {
        return pages.isEmpty()
                && home.isEmpty()
                && menus.isEmpty()
                && layouts.isEmpty()
                && assignments.isEmpty()
                && forwards.isEmpty()
                && files.isEmpty()
                && details.isEmpty()
                && bin.isEmpty();
    }

    public Difference reversed() {
        return new Difference(
                pages.reversed(),
                home.map(ValueDifference::reversed),
                menus.reversed(),
                layouts.stream().map(KeyedDifference::reversed).toList(),
                assignments.stream().map(KeyedDifference::reversed).toList(),
                forwards.stream().map(KeyedDifference::reversed).toList(),
                files.stream().map(KeyedDifference::reversed).toList(),
                details.map(ValueDifference::reversed),
                bin.reversed());
    }

    /** Applied to the version it was made from, gives exactly the other. */
    public Site applyTo(Site site) {
        return applyTo(site, pages.applyTo(site.pages()));
    }

    /** As {@link #applyTo(Site)}, where it is known already what becomes of the pages. */
    public Site applyTo(Site site, Outline<PageId, Page> becoming) {
        return new Site(
                details.map(ValueDifference::after).orElse(site.details()),
                becoming,
                home.map(ValueDifference::after)
                        .orElse(Optional.ofNullable(site.home()))
                        .orElse(null),
                menus.applyTo(site.menus()),
                KeyedDifference.applyTo(site.layouts(), layouts, Layout::id),
                KeyedDifference.applyTo(site.assignments(), assignments, Assignment::key),
                KeyedDifference.applyTo(site.forwards(), forwards, Forward::from),
                KeyedDifference.applyTo(site.files(), files, SiteFile::id),
                bin.applyTo(site.bin()),
                site.past());
    }
}
