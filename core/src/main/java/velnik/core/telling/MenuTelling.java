package velnik.core.telling;

import static velnik.core.telling.Telling.WORDS;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.change.MenuChange;
import velnik.core.explanation.Labels;
import velnik.core.explanation.PlacingWords;
import velnik.core.explanation.Words;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.reach.Days;
import velnik.core.site.Anchor;
import velnik.core.site.Assignment;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
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
            case MenuChange.AddMenu add -> Telling.say("AddMenu", Map.of("menu", name(add.menu())));
            case MenuChange.RenameMenu rename ->
                Telling.say("RenameMenu", Map.of("old", Labels.of(before, rename.menu()), "menu", name(rename.menu())));
            case MenuChange.SetAside set ->
                some(set.setAside() ? "SetAside.aside" : "SetAside.back", set.menus(), Map.of());
            case MenuChange.SetJoining set -> joining(set);
            case MenuChange.SetNewItems set -> Telling.say("SetNewItems", Map.of("menu", name(set.menu())));
            case MenuChange.AddItems add -> added(add);
            case MenuChange.PlacePages place -> placed(place);
            case MenuChange.TakePagesOut take -> takenOut(take);
            case MenuChange.MoveItems move ->
                Telling.stay(before.menus(), after.menus(), move.items())
                                && before.menus().equals(after.menus())
                        ? some("Stay", move.items(), Map.of())
                        : some("Move", move.items(), Map.of("where", where(move)));
            case MenuChange.MoveMenus move ->
                some(
                        "Move",
                        move.menus(),
                        Map.of(
                                "where",
                                move.after() == null
                                        ? WORDS.say("place.first")
                                        : WORDS.say("after", Map.of("before", name(move.after())))));
            case MenuChange.RemoveMenuRows remove -> removed(remove);
            case MenuChange.CopyMenuRow copy -> Telling.say("CopyMenuRow", Labels.of(before, copy.row()), 1);
            case MenuChange.SetItems set -> set(set);
            case MenuChange.SetItemKind set -> kindSet(set);
            case MenuChange.FreezeList freeze ->
                Telling.say("FreezeList", Map.of("menu", Labels.of(before, before.menuOf(freeze.list()))));
            case MenuChange.DetachBranch detach -> Telling.say("DetachBranch", title(detach.page()), 1);
            case MenuChange.AssignMenus assign -> assigned(assign);
        };
    }

    private Telling kindSet(MenuChange.SetItemKind set) {
        ItemKind old = before.item(set.item()).kind();
        ItemKind fresh = after.item(set.item()).kind();
        if (old instanceof ItemKind.PageList from && fresh instanceof ItemKind.PageList to) {
            return listSet(Labels.of(before, set.item()), from, to);
        }
        boolean samePage = old instanceof ItemKind.ToPage(PageId from, int some)
                && fresh instanceof ItemKind.ToPage(PageId to, int others)
                && from.equals(to);
        return Telling.say(
                samePage ? "SetItemKind.subpages" : "SetItemKind.elsewhere", Labels.of(before, set.item()), 1);
    }

    private Telling listSet(String list, ItemKind.PageList old, ItemKind.PageList fresh) {
        Map<String, Object> facts = Map.of("list", list, "List", Words.opening(list), "levels", fresh.levels());
        if (old.withLevels(fresh.levels()).equals(fresh)) {
            return Telling.say("SetItemKind.levels", facts);
        }
        List<PageId> more = without(fresh.leftOut(), old.leftOut());
        List<PageId> fewer = without(old.leftOut(), fresh.leftOut());
        if (more.isEmpty() == fewer.isEmpty()
                || !old.withLeftOut(fresh.leftOut()).equals(fresh)) {
            return Telling.say("SetItemKind.list", list, 1);
        }
        List<PageId> pages = fewer.isEmpty() ? more : fewer;
        return Telling.say(
                fewer.isEmpty() ? "SetItemKind.leftOut" : "SetItemKind.backIn",
                Telling.some(title(pages.getFirst()), pages.size()),
                pages.size(),
                facts);
    }

    /** As the page tree has them. */
    private List<PageId> without(Set<PageId> pages, Set<PageId> others) {
        return after.pages().walk().stream()
                .map(Branch::id)
                .filter(page -> pages.contains(page) && !others.contains(page))
                .toList();
    }

    private Telling joining(MenuChange.SetJoining set) {
        Map<String, String> facts = Map.of("menu", name(set.menu()), "from", Words.from(after, set.from()));
        if (set.from() instanceof Joining.From.Nowhere) {
            return Telling.say("SetJoining.nowhere", facts);
        }
        return Telling.say(set.spot() == Joining.Spot.AT_END ? "SetJoining.atEnd" : "SetJoining.asInTree", facts);
    }

    private Telling added(MenuChange.AddItems add) {
        Set<MenuRowId> fresh = add.items().stream().map(MenuChange.NewItem::id).collect(Collectors.toSet());
        List<MenuRowId> tops = add.items().stream()
                .filter(item -> !fresh.contains(item.place().parent()))
                .map(MenuChange.NewItem::id)
                .toList();
        return Telling.say(
                "AddItems",
                tops.size() == 1 ? name(tops.getFirst()) : WORDS.say("AddItems.tops", Map.of("count", tops.size())),
                tops.size(),
                Map.of("beneath", fresh.size() - tops.size(), "where", into(tops.getFirst())));
    }

    private Telling placed(MenuChange.PlacePages place) {
        MenuChange.NewPlace first = place.pages().getFirst();
        int count = place.pages().size();
        return Telling.say(
                count == 1 ? "PlacePage" : "PlacePages",
                Telling.some(title(first.page()), count),
                count,
                Map.of(
                        "menu",
                        name(first.menu()),
                        "where",
                        after.menus().contains(first.item()) ? standing(first.item()) : WORDS.say("PlacePage.byList")));
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
        String under = above(item)
                .map(above -> WORDS.say("PlacePage.under", Map.of("parent", above)))
                .orElse("");
        return under
                + (before == null
                        ? WORDS.say("PlacePage.first")
                        : WORDS.say("PlacePage.after", Map.of("before", name(before))));
    }

    private Telling takenOut(MenuChange.TakePagesOut take) {
        MenuChange.OldPlace first = take.pages().getFirst();
        int count = take.pages().size();
        return Telling.say(
                count == 1 ? "TakePageOut" : "TakePagesOut",
                Telling.some(title(first.page()), count),
                count,
                Map.of("menu", name(first.menu())));
    }

    private Telling removed(MenuChange.RemoveMenuRows remove) {
        String what = some(before, remove.rows());
        boolean menu = before.menus().get(remove.rows().getFirst()) instanceof MenuRow.Menu;
        return Telling.say(
                "Remove",
                menu ? WORDS.say("RemoveMenu.what", Map.of("what", what)) : what,
                remove.rows().size());
    }

    private String where(MenuChange.MoveItems move) {
        boolean stays = move.items().stream()
                .allMatch(item ->
                        before.menus().parentOf(item).equals(after.menus().parentOf(item)));
        if (!stays || move.anchor() != null) {
            return into(move.items().getFirst());
        }
        Place<MenuRowId> place = move.place();
        return place.after() == null
                ? WORDS.say("place.firstUnder", Map.of("parent", name(Objects.requireNonNull(place.parent()))))
                : WORDS.say("after", Map.of("before", name(place.after())));
    }

    /** By the first of what the edit sets. */
    private Telling set(MenuChange.SetItems set) {
        MenuChange.ItemEdit edit = set.edit();
        if (edit.label().isPresent()) {
            String label = Line.cleaned(edit.label().get());
            return rows(label.isEmpty() ? "SetItems.follow" : "SetItems.label", set, Map.of("label", label));
        }
        if (edit.hidden().isPresent()) {
            return rows(edit.hidden().get() ? "SetItems.hidden" : "SetItems.shown", set, Map.of());
        }
        if (edit.periods().isPresent()) {
            return rows(
                    "SetItems.periods",
                    set,
                    Map.of("when", Days.ENGLISH.periods(edit.periods().get())));
        }
        if (edit.visitors().isPresent()) {
            return rows(
                    "SetItems.visitors",
                    set,
                    Map.of("visitors", Words.visitors(edit.visitors().get())));
        }
        return rows("SetItems", set, Map.of());
    }

    private Telling assigned(MenuChange.AssignMenus assign) {
        String zone = Words.zone(assign.zone());
        Assignment.@Nullable Says says = assign.says();
        List<PlacedMenu> anew = says == null ? List.of() : placedAnew(assign, says.menus());
        Map<String, String> facts = Map.of(
                "zone",
                zone,
                "Zone",
                Words.capital(zone),
                "scope",
                Words.scope(after, assign.scope()),
                "says",
                says == null ? "" : anew.isEmpty() ? Words.says(after, says) : PlacingWords.menus(after, anew));
        return Telling.say(
                says == null ? "AssignMenus.none" : anew.isEmpty() ? "AssignMenus" : "AssignMenus.otherwise", facts);
    }

    /** The menus that stand there otherwise than before; none where a menu comes, goes or moves. */
    private List<PlacedMenu> placedAnew(MenuChange.AssignMenus assign, List<PlacedMenu> now) {
        List<PlacedMenu> then = before.findAssignment(new Assignment.Key(assign.zone(), assign.scope()))
                .map(Assignment::menus)
                .orElse(List.of());
        return ids(now).equals(ids(then))
                ? now.stream().filter(placed -> !then.contains(placed)).toList()
                : List.of();
    }

    private static List<MenuRowId> ids(List<PlacedMenu> placed) {
        return placed.stream().map(PlacedMenu::menu).toList();
    }

    /** "under Hire", "to Main" */
    private String into(MenuRowId item) {
        return above(item)
                .map(above -> WORDS.say("into.item", Map.of("parent", above)))
                .orElseGet(() -> WORDS.say("into.menu", Map.of("parent", name(after.menuOf(item)))));
    }

    /** What it is seen under: a list without a label is seen by its rows alone. Empty on the first level of a menu. */
    private Optional<String> above(MenuRowId item) {
        MenuRowId parent = after.menus().parentOf(item).orElseThrow();
        if (!(after.menus().get(parent) instanceof MenuRow.Item above)) {
            return Optional.empty();
        }
        @Nullable Anchor anchor = after.item(item).anchor();
        if (anchor != null && anchor.under() != null) {
            return Optional.of(Labels.of(after, parent, anchor.under()));
        }
        return above.kind() instanceof ItemKind.PageList && above.label().isEmpty()
                ? above(parent)
                : Optional.of(name(parent));
    }

    private Telling rows(String kind, MenuChange.SetItems set, Map<String, ?> more) {
        MenuChange.RowName first = set.rows().getFirst();
        @Nullable PageId page = first.page();
        String label = page == null ? Labels.of(before, first.item()) : Labels.of(before, first.item(), page);
        int count = set.rows().size();
        return Telling.say(kind, Telling.some(label, count), count, more);
    }

    private Telling some(String kind, List<MenuRowId> rows, Map<String, ?> more) {
        return Telling.say(kind, some(after, rows), rows.size(), more);
    }

    private static String some(Site site, List<MenuRowId> rows) {
        return Telling.some(Labels.of(site, rows.getFirst()), rows.size());
    }

    private String name(MenuRowId row) {
        return Labels.of(after, row);
    }

    private String title(PageId page) {
        return after.pages().find(page).map(Page::title).orElse("The page");
    }
}
