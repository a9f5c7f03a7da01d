package velnik.core.pages;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.change.SortingChange;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.explanation.Words;
import velnik.core.outline.Branch;
import velnik.core.site.Assignment;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.Limits;
import velnik.core.site.NewPages;
import velnik.core.site.PageId;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.text.Line;

/** The layouts of the owner's own, and which pages have which. */
public final class Layouts {
    private Layouts() {}

    public static Optional<Refusal> setLayout(Draft draft, SortingChange.SetLayout set) {
        return Checks.layout(draft.site(), set.layout())
                .or(() -> Checks.each(draft, set.pages(), page -> page.withLayout(set.layout())));
    }

    public static Optional<Refusal> addLayout(Draft draft, SortingChange.AddLayout add) {
        Site site = draft.site();
        String name = Line.cleaned(add.name());
        Optional<Refusal> refusal = Checks.layout(site, add.like()).or(() -> name(site, name, null));
        if (refusal.isPresent()) {
            return refusal;
        }
        if (site.hasLayout(add.id())) {
            return Optional.of(new Refusal.LayoutTaken());
        }
        if (site.layouts().size() >= Limits.LAYOUTS) {
            return Optional.of(new Refusal.TooManyLayouts(Limits.LAYOUTS));
        }
        List<Layout> layouts = new ArrayList<>(site.layouts());
        layouts.add(new Layout(add.id(), name, site.frameOf(add.like())));
        List<Assignment> assignments = new ArrayList<>(site.assignments());
        site.assignments().stream()
                .filter(assignment -> assignment.scope().equals(new Scope.OfLayout(add.like())))
                .map(like -> new Assignment(like.zone(), new Scope.OfLayout(add.id()), like.says()))
                .forEach(assignments::add);
        draft.become(site.withLayouts(layouts).withAssignments(assignments));
        return Optional.empty();
    }

    public static Optional<Refusal> renameLayout(Draft draft, SortingChange.RenameLayout rename) {
        Site site = draft.site();
        String name = Line.cleaned(rename.name());
        Optional<Refusal> refusal = own(site, rename.layout()).or(() -> name(site, name, rename.layout()));
        if (refusal.isEmpty()) {
            draft.become(site.withLayouts(site.layouts().stream()
                    .map(layout -> layout.id().equals(rename.layout()) ? layout.withName(name) : layout)
                    .toList()));
        }
        return refusal;
    }

    public static Optional<Refusal> removeLayout(Draft draft, SortingChange.RemoveLayout remove) {
        Site site = draft.site();
        LayoutId gone = remove.layout();
        if (gone.equals(remove.instead())) {
            return Optional.of(new Refusal.LayoutGoes(Words.layout(site, gone)));
        }
        Optional<Refusal> refusal = own(site, gone).or(() -> Checks.layout(site, remove.instead()));
        if (refusal.isPresent()) {
            return refusal;
        }
        List<PageId> pages = having(site, gone);
        List<Assignment> assignments = site.assignments().stream()
                .filter(assignment -> !assignment.scope().equals(new Scope.OfLayout(gone)))
                .toList();
        NewPages begin = site.details().newPages();
        draft.become(site.with()
                .pages(site.pages().updateAll(pages, page -> page.withLayout(remove.instead())))
                .layouts(site.layouts().stream()
                        .filter(layout -> !layout.id().equals(gone))
                        .toList())
                .assignments(assignments)
                .details(site.details()
                        .withNewPages(
                                begin.layout().equals(gone)
                                        ? new NewPages(begin.reach(), remove.instead(), begin.model())
                                        : begin))
                .build());
        int exceptions = site.assignments().size() - assignments.size();
        if (exceptions > 0) {
            draft.tell(new Notice.ExceptionsGo(exceptions));
        }
        return Optional.empty();
    }

    /** Pages that have a layout, in the order of the tree. O(pages). */
    public static List<PageId> having(Site site, LayoutId layout) {
        return site.pages().walk().stream()
                .filter(row -> row.value().layout().equals(layout))
                .map(Branch::id)
                .toList();
    }

    private static Optional<Refusal> own(Site site, LayoutId layout) {
        return layout.isOfEverySite()
                ? Optional.of(new Refusal.LayoutStays(Words.layout(site, layout)))
                : Checks.layout(site, layout);
    }

    /** @param of the layout that gets the name; null for a new one */
    private static Optional<Refusal> name(Site site, String name, @Nullable LayoutId of) {
        if (name.isEmpty() || name.length() > Limits.TITLE) {
            return Optional.of(new Refusal.LayoutMalformed(name.length(), Limits.TITLE));
        }
        List<LayoutId> others = new ArrayList<>(LayoutId.OF_EVERY_SITE);
        site.layouts().forEach(layout -> others.add(layout.id()));
        return others.stream()
                .filter(other -> !other.equals(of))
                .map(other -> Words.layout(site, other))
                .filter(name::equalsIgnoreCase)
                .findFirst()
                .map(Refusal.LayoutNamed::new);
    }
}
