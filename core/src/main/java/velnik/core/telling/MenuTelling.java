package velnik.core.telling;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.change.MenuChange;
import velnik.core.explanation.Labels;
import velnik.core.explanation.Words;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.reach.Days;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.text.Line;

/** How changes of menus are told. */
final class MenuTelling {
    private final Site before;
    private final Site after;

    private MenuTelling(Site before, Site after) {
        this.before = before;
        this.after = after;
    }

    static Telling of(MenuChange change, Site before, Site after) {
        return new MenuTelling(before, after).of(change);
    }

    private Telling of(MenuChange change) {
        return switch (change) {
            case MenuChange.AddMenu add ->
                new Telling("Add the menu " + name(add.menu()), name(add.menu()) + " is a new menu.");
            case MenuChange.RenameMenu rename -> {
                String old = Labels.of(before, rename.menu());
                yield new Telling(
                        "Rename " + old + " to " + name(rename.menu()),
                        old + " is now called " + name(rename.menu()) + ".");
            }
            case MenuChange.SetAside set -> aside(set);
            case MenuChange.SetJoining set -> joining(set);
            case MenuChange.SetNewItems set ->
                new Telling(
                        "Change how new items of " + name(set.menu()) + " begin",
                        "New items of " + name(set.menu()) + " begin another way; those there stay as they are.");
            case MenuChange.AddItems add -> added(add);
            case MenuChange.PlacePages place -> placed(place);
            case MenuChange.TakePagesOut take -> takenOut(take);
            case MenuChange.MoveItems move ->
                Telling.stay(before.menus(), after.menus(), move.items())
                                && before.menus().equals(after.menus())
                        ? Telling.stayed(some(after, move.items()), move.items().size())
                        : moved(some(after, move.items()), where(move));
            case MenuChange.MoveMenus move ->
                moved(
                        some(after, move.menus()),
                        move.after() == null ? " to the beginning" : " after " + name(move.after()));
            case MenuChange.RemoveMenuRows remove -> {
                String what = (before.menus().get(remove.rows().getFirst()) instanceof MenuRow.Menu ? "the menu " : "")
                        + some(before, remove.rows());
                yield Telling.removed(what, remove.rows().size());
            }
            case MenuChange.CopyMenuRow copy -> {
                String what = Labels.of(before, copy.row());
                yield new Telling("Copy " + what, what + " copied; the copy stands after it.");
            }
            case MenuChange.SetItems set -> set(set);
            case MenuChange.SetItemKind set -> kindSet(set);
            case MenuChange.FreezeList freeze -> {
                String menu = Labels.of(before, before.menuOf(freeze.list()));
                yield new Telling("Freeze the list in " + menu, "The list in " + menu + " is ordinary items now.");
            }
            case MenuChange.DetachBranch detach -> {
                String page = title(detach.page());
                yield new Telling("Detach " + page, page + " is an ordinary item now and stays where it stands.");
            }
            case MenuChange.AssignMenus assign -> assigned(assign);
        };
    }

    private Telling kindSet(MenuChange.SetItemKind set) {
        String what = Labels.of(before, set.item());
        ItemKind old = before.item(set.item()).kind();
        ItemKind fresh = after.item(set.item()).kind();
        if (old instanceof ItemKind.PageList && fresh instanceof ItemKind.PageList) {
            return new Telling("Change what " + what + " yields", Words.opening(what) + " yields other rows now.");
        }
        boolean samePage = old instanceof ItemKind.ToPage(PageId from, int some)
                && fresh instanceof ItemKind.ToPage(PageId to, int others)
                && from.equals(to);
        return samePage
                ? new Telling("Change the subpages of " + what, what + " carries other subpages along now.")
                : new Telling("Let " + what + " lead elsewhere", Words.opening(what) + " leads elsewhere now.");
    }

    private Telling aside(MenuChange.SetAside set) {
        String what = some(after, set.menus());
        return set.setAside()
                ? new Telling("Set " + what + " aside", what + " is set aside and stands nowhere.")
                : new Telling("Bring " + what + " back", what + " stands again where it stood.");
    }

    private Telling joining(MenuChange.SetJoining set) {
        String menu = name(set.menu());
        return set.from() instanceof Joining.From.Nowhere
                ? new Telling("Let no page join " + menu, "New pages no longer join " + menu + " by themselves.")
                : new Telling(
                        "Let new pages join " + menu,
                        "New open pages " + Words.from(after, set.from()) + " join " + menu + " by themselves, "
                                + (set.spot() == Joining.Spot.AT_END
                                        ? "at its end."
                                        : "where the page tree has them."));
    }

    private Telling added(MenuChange.AddItems add) {
        Set<MenuRowId> fresh = add.items().stream().map(MenuChange.NewItem::id).collect(Collectors.toSet());
        List<MenuRowId> tops = add.items().stream()
                .filter(item -> !fresh.contains(item.place().parent()))
                .map(MenuChange.NewItem::id)
                .toList();
        String what = tops.size() == 1 ? name(tops.getFirst()) : tops.size() + " items";
        int beneath = fresh.size() - tops.size();
        String more = beneath == 0 ? "" : " with " + beneath + (beneath == 1 ? " item" : " items") + " beneath";
        String where =
                into(Objects.requireNonNull(add.items().getFirst().place().parent()));
        return new Telling("Add " + what + more + where, Words.opening(what) + " added" + where + more + ".");
    }

    private Telling placed(MenuChange.PlacePages place) {
        MenuChange.NewPlace first = place.pages().getFirst();
        int more = place.pages().size() - 1;
        String what = title(first.page()) + (more == 0 ? "" : " and " + more + " more");
        String title = "Place " + what + " in " + name(first.menu());
        if (more > 0) {
            return new Telling(title, what + " placed.");
        }
        String where = after.menus().contains(first.item()) ? standing(first.item()) : " by the list";
        return new Telling(title, what + " stands in " + name(first.menu()) + where + ".");
    }

    /** ", under Afloat, after Hire" */
    private String standing(MenuRowId item) {
        MenuRowId parent = after.menus().parentOf(item).orElseThrow();
        @Nullable MenuRowId before = null;
        for (Branch<MenuRowId, MenuRow> row : after.menus().childrenOf(parent)) {
            if (row.id().equals(item)) {
                break;
            }
            before = row.id();
        }
        return (after.menus().get(parent) instanceof MenuRow.Menu ? "" : ", under " + name(parent))
                + (before == null ? ", first" : ", after " + name(before));
    }

    private Telling takenOut(MenuChange.TakePagesOut take) {
        MenuChange.OldPlace first = take.pages().getFirst();
        int more = take.pages().size() - 1;
        String what = title(first.page()) + (more == 0 ? "" : " and " + more + " more");
        return new Telling(
                "Take " + what + " out of " + name(first.menu()),
                more == 0 ? what + " is no longer in " + name(first.menu()) + "." : what + " taken out.");
    }

    private static Telling moved(String what, String where) {
        return new Telling("Move " + what + where, what + " moved" + where + ".");
    }

    private String where(MenuChange.MoveItems move) {
        Place<MenuRowId> place = move.place();
        MenuRowId parent = Objects.requireNonNull(place.parent());
        boolean stays = move.items().stream()
                .allMatch(item ->
                        before.menus().parentOf(item).equals(after.menus().parentOf(item)));
        if (!stays || move.anchor() != null) {
            return into(parent);
        }
        return place.after() == null ? " to the beginning of " + name(parent) : " after " + name(place.after());
    }

    private Telling set(MenuChange.SetItems set) {
        String what = rows(set.rows());
        MenuChange.ItemEdit edit = set.edit();
        if (edit.label().isPresent()) {
            String label = Line.cleaned(edit.label().get());
            return label.isEmpty()
                    ? new Telling("Let " + what + " follow", what + " follows what it leads to again.")
                    : new Telling("Label " + what + " as " + label, what + " reads " + label + " now.");
        }
        if (edit.hidden().isPresent()) {
            return edit.hidden().get()
                    ? new Telling("Hide " + what, what + (set.rows().size() == 1 ? " is" : " are") + " hidden.")
                    : new Telling("Show " + what, what + (set.rows().size() == 1 ? " shows" : " show") + " again.");
        }
        if (edit.periods().isPresent()) {
            return new Telling(
                    "Set when " + what + (set.rows().size() == 1 ? " shows" : " show"),
                    what + (set.rows().size() == 1 ? " shows " : " show ")
                            + Days.periods(edit.periods().get()) + ".");
        }
        if (edit.visitors().isPresent()) {
            return new Telling(
                    "Set who sees " + what,
                    what + (set.rows().size() == 1 ? " shows to " : " show to ")
                            + Words.visitors(edit.visitors().get()) + ".");
        }
        return new Telling(
                "Change how " + what + " shows",
                what + (set.rows().size() == 1 ? " shows" : " show") + " another way.");
    }

    private Telling assigned(MenuChange.AssignMenus assign) {
        String zone = Words.zone(assign.zone());
        String scope = Words.scope(after, assign.scope());
        String title = "Change " + zone + " of " + scope;
        return assign.says() == null
                ? new Telling(title, Words.capital(zone) + " of " + scope + " has no exception any more.")
                : new Telling(
                        title, Words.capital(zone) + " of " + scope + " " + Words.says(after, assign.says()) + ".");
    }

    private String into(MenuRowId parent) {
        return (after.menus().get(parent) instanceof MenuRow.Menu ? " to " : " under ") + name(parent);
    }

    private String rows(List<MenuChange.RowName> rows) {
        MenuChange.RowName first = rows.getFirst();
        @Nullable PageId page = first.page();
        String label = page == null ? Labels.of(before, first.item()) : title(page);
        return rows.size() == 1 ? label : label + " and " + (rows.size() - 1) + " more";
    }

    private static String some(Site site, List<MenuRowId> rows) {
        String first = Labels.of(site, rows.getFirst());
        return rows.size() == 1 ? first : first + " and " + (rows.size() - 1) + " more";
    }

    private String name(MenuRowId row) {
        return Labels.of(after, row);
    }

    private String title(PageId page) {
        return after.pages().find(page).map(Page::title).orElse("The page");
    }
}
