package velnik.core.pages;

import java.util.List;
import java.util.Optional;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Draft;
import velnik.core.outline.Outline;
import velnik.core.outline.Place;
import velnik.core.site.Assignment;
import velnik.core.site.Details;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Past;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.core.text.Line;

/** Begins a site: its details, and the menu that follows the page tree. */
public final class Beginning {
    /** A row of the header with what opens under it. */
    private static final int HEADER_LEVELS = 2;

    private Beginning() {}

    public static Optional<Refusal> beginSite(Draft draft, Change.BeginSite begin) {
        if (!draft.site().equals(Site.bare())) {
            return Optional.of(new Refusal.SiteBegun());
        }
        String name = Line.cleaned(begin.name());
        if (name.length() > Limits.TITLE || (!begin.address().isEmpty() && !Details.isOrigin(begin.address()))) {
            return Optional.of(new Refusal.DetailsMalformed(name, begin.address(), Limits.TITLE));
        }
        Outline<MenuRowId, MenuRow> menus = Outline.<MenuRowId, MenuRow>empty()
                .insert(begin.menu(), Place.top(), MenuRow.Menu.named("Main"))
                .insert(
                        begin.list(),
                        Place.firstUnder(begin.menu()),
                        MenuRow.Item.of(ItemKind.PageList.of(new ListSource.WholeTree(), HEADER_LEVELS), ""));
        draft.become(new Site(
                Details.named(name, begin.address(), begin.timeZone()),
                Outline.empty(),
                null,
                menus,
                List.of(),
                List.of(Assignment.everywhere(Zone.HEADER, begin.menu())),
                List.of(),
                List.of(),
                List.of(),
                Past.NONE));
        return Optional.empty();
    }
}
