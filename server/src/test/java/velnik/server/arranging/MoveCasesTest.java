package velnik.server.arranging;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;
import velnik.core.CaseFile;
import velnik.core.GestureMove;
import velnik.core.RandomEdits;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.MenuChange;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.reach.Openings;
import velnik.core.sample.Brackwater;
import velnik.core.site.ItemKind;
import velnik.core.site.ListOrder;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * Where a move takes each item of a menu, and each page that a row of a list stands for, so that the editor's
 * own tests hold keys and pointer to it. Each move is made, and its row seen where it is said to go. Read by {@code
 * web/src/menus/moves.test.ts}.
 */
public class MoveCasesTest {
    private static final int SITES = 8;
    private static final int EDITS = 40;

    /** @param parent null at the top level of the page tree */
    private record At(@Nullable String parent, @Nullable String after) {
        static <K> At of(Place<K> place) {
            return new At(word(place.parent()), word(place.after()));
        }

        private static <K> @Nullable String word(@Nullable K id) {
            return id == null ? null : id.toString();
        }
    }

    /**
     * @param row as the editor names it
     * @param page of a row of a list; null for an item
     * @param moves null where the row cannot go further; without those that depend on a list's rows
     */
    private record Row(String row, @Nullable String page, Map<String, Optional<At>> moves) {}

    private record PagePlace(
            String id, @Nullable String parent, @Nullable String after) {}

    private record Case(MenusDto menus, List<PagePlace> pages, List<Row> rows) {}

    private final Site site;
    private final MenuRowId menu;
    private final List<Row> rows = new ArrayList<>();

    public MoveCasesTest() {
        this(Brackwater.site(), new MenuRowId("main"));
    }

    private MoveCasesTest(Site site, MenuRowId menu) {
        this.site = site;
        this.menu = menu;
    }

    @Test
    public void cases_areWhatTheEditorIsHeldTo() throws IOException {
        List<Case> cases = new ArrayList<>();
        for (int seed = 0; seed < SITES; seed++) {
            Site random = randomSite(seed);
            List<Row> rows = new ArrayList<>();
            for (Branch<MenuRowId, ?> top : random.menus().top()) {
                MoveCasesTest one = new MoveCasesTest(random, top.id());
                one.level(null, null, MenuReading.of(random, Openings.ALWAYS, top.id(), null));
                rows.addAll(one.rows);
            }
            cases.add(new Case(MenusDto.of(random, Openings.ALWAYS, 1), pages(random), rows));
        }
        JsonMapper mapper = JsonMapper.builder().build();
        CaseFile.holds(
                "moves.json", cases.stream().map(mapper::writeValueAsString).collect(joining(",\n", "[", "]\n")));
        long moves = cases.stream()
                .flatMap(each -> each.rows().stream())
                .mapToLong(row -> row.moves().size())
                .sum();
        assertTrue(moves > 1_000, moves + " moves");
    }

    private static Site randomSite(long seed) {
        RandomEdits edits = new RandomEdits(seed);
        Site site = Brackwater.site();
        for (int i = 0; i < (seed == 0 ? 0 : EDITS); i++) {
            if (Changes.apply(site, edits.next(site), Circumstances.NOBODY) instanceof Outcome.Applied applied) {
                site = applied.site();
            }
        }
        return site;
    }

    private static List<PagePlace> pages(Site site) {
        return site.pages().walk().stream()
                .map(row -> {
                    At at = At.of(site.pages().placeOf(row.id()));
                    return new PagePlace(row.id().value(), at.parent(), at.after());
                })
                .toList();
    }

    private void level(@Nullable MenuEntry above, @Nullable MenuEntry parent, List<MenuEntry> entries) {
        boolean items = entries.stream().allMatch(MoveCasesTest::isItem) && (parent == null || isPlain(parent));
        List<MenuEntry> listed =
                entries.stream().filter(entry -> !isItem(entry)).toList();
        for (MenuEntry entry : entries) {
            if (entry.foreign()) {
                continue;
            }
            if (isItem(entry) && items) {
                rows.add(row(entry, null, itemMoves(above, parent, entries, entries.indexOf(entry))));
            } else if (!isItem(entry) && followsTheTree(entry)) {
                rows.add(row(entry, page(entry), pageMoves(parent, listed, listed.indexOf(entry))));
            }
            level(parent, entry, entry.rows());
        }
    }

    private Row row(MenuEntry entry, @Nullable PageId page, Map<String, Optional<At>> moves) {
        String key = entry.key().item().value() + (page == null ? "" : " " + page.value());
        return new Row(menu.value() + "/" + key, page == null ? null : page.value(), moves);
    }

    private static boolean isItem(MenuEntry entry) {
        return entry.key().page() == null && !entry.foreign();
    }

    /** Whether what stands under it stands there as ordinary items. */
    private boolean isPlain(MenuEntry entry) {
        return isItem(entry)
                && !(kind(entry) instanceof ItemKind.PageList)
                && !(kind(entry) instanceof ItemKind.OtherMenu);
    }

    private ItemKind kind(MenuEntry entry) {
        return site.item(entry.key().item()).kind();
    }

    private boolean followsTheTree(MenuEntry entry) {
        return switch (kind(entry)) {
            case ItemKind.PageList list ->
                list.order() == ListOrder.TREE
                        && (list.source() instanceof ListSource.WholeTree || list.source() instanceof ListSource.Under);
            case ItemKind.ToPage carrying -> true;
            default -> false;
        };
    }

    private static PageId page(MenuEntry entry) {
        return Optional.ofNullable(entry.key().page()).orElseThrow();
    }

    private Map<String, Optional<At>> itemMoves(
            @Nullable MenuEntry above, @Nullable MenuEntry parent, List<MenuEntry> siblings, int at) {
        List<MenuRowId> ids = siblings.stream().map(entry -> entry.key().item()).toList();
        MenuRowId holder = parent == null ? menu : parent.key().item();
        int last = ids.size() - 1;
        Map<String, Optional<At>> moves = new LinkedHashMap<>();
        item(
                moves,
                GestureMove.UP,
                ids.get(at),
                at == 0 ? null : new Place<>(holder, at == 1 ? null : ids.get(at - 2)));
        item(moves, GestureMove.DOWN, ids.get(at), at == last ? null : new Place<>(holder, ids.get(at + 1)));
        item(moves, GestureMove.FIRST, ids.get(at), at == 0 ? null : new Place<>(holder, null));
        item(moves, GestureMove.LAST, ids.get(at), at == last ? null : new Place<>(holder, ids.get(last)));
        if (at == 0 || isPlain(siblings.get(at - 1))) {
            item(
                    moves,
                    GestureMove.IN,
                    ids.get(at),
                    at == 0 ? null : site.menus().endOf(ids.get(at - 1)));
        }
        if (parent == null) {
            item(moves, GestureMove.OUT, ids.get(at), null);
        } else if (above == null || isPlain(above)) {
            item(
                    moves,
                    GestureMove.OUT,
                    ids.get(at),
                    new Place<>(above == null ? menu : above.key().item(), holder));
        }
        return moves;
    }

    private void item(
            Map<String, Optional<At>> moves, GestureMove move, MenuRowId item, @Nullable Place<MenuRowId> to) {
        moves.put(move.word(), Optional.ofNullable(to).map(At::of));
        if (to != null && site.menus().levelOf(item) < 6) {
            Site after = made(new MenuChange.MoveItems(List.of(item), to, null));
            assertEquals(after.menus().placeOf(item), to);
        }
    }

    private Map<String, Optional<At>> pageMoves(@Nullable MenuEntry parent, List<MenuEntry> siblings, int at) {
        List<PageId> ids = siblings.stream().map(MoveCasesTest::page).toList();
        int last = ids.size() - 1;
        Map<String, Optional<At>> moves = new LinkedHashMap<>();
        page(moves, GestureMove.UP, ids.get(at), at == 0 ? null : site.pages().placeOf(ids.get(at - 1)));
        page(moves, GestureMove.DOWN, ids.get(at), at == last ? null : behind(ids.get(at + 1)));
        page(
                moves,
                GestureMove.FIRST,
                ids.get(at),
                at == 0 ? null : site.pages().placeOf(ids.getFirst()));
        page(moves, GestureMove.LAST, ids.get(at), at == last ? null : behind(ids.get(last)));
        page(moves, GestureMove.IN, ids.get(at), at == 0 ? null : site.pages().endOf(ids.get(at - 1)));
        @Nullable PageId above = parent == null ? null : parent.key().page();
        page(moves, GestureMove.OUT, ids.get(at), above == null ? null : behind(above));
        return moves;
    }

    private Place<PageId> behind(PageId page) {
        return new Place<>(site.pages().parentOf(page).orElse(null), page);
    }

    private void page(Map<String, Optional<At>> moves, GestureMove move, PageId page, @Nullable Place<PageId> to) {
        moves.put(move.word(), Optional.ofNullable(to).map(At::of));
        if (to != null && site.pages().levelOf(page) < 6) {
            Site after = made(new Change.MovePages(List.of(page), to));
            assertEquals(after.pages().parentOf(page).orElse(null), to.parent());
        }
    }

    private Site made(Change move) {
        return ((Outcome.Applied) Changes.apply(site, move, Circumstances.NOBODY)).site();
    }
}
