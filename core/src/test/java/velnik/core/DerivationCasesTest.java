package velnik.core;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toSet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;
import velnik.core.address.Addresses;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * What the editor may work out by itself, so that its own tests hold it to the core: addresses, levels, what is inside
 * what, and where a move takes a row or a block of rows. Read by {@code web/src/working-copy/derivations.test.ts}.
 */
public class DerivationCasesTest {
    private static final int SITES = 40;
    private static final int EDITS = 30;
    private static final int BLOCKS = 6;

    @Test
    public void cases_areWhatTheEditorIsHeldTo() throws IOException {
        List<String> sites = new ArrayList<>();
        for (int seed = 0; seed < SITES; seed++) {
            sites.add(json(site(seed), new Random(seed)));
        }
        CaseFile.holds("derivations.json", "[" + String.join(",\n", sites) + "]\n");
    }

    private static Site site(long seed) {
        RandomEdits edits = new RandomEdits(seed);
        Site site = SiteGenerator.begun();
        for (int i = 0; i < EDITS; i++) {
            Change change = edits.next(site);
            if (Changes.apply(site, change, Circumstances.NOBODY) instanceof Outcome.Applied applied) {
                site = applied.site();
            }
        }
        return site;
    }

    private static String json(Site site, Random random) {
        List<PageId> all = site.pages().walk().stream().map(Branch::id).toList();
        List<String> blocks = new ArrayList<>();
        for (int i = 0; i < BLOCKS; i++) {
            List<PageId> block = outermost(
                    site, all.stream().filter(any -> random.nextInt(3) == 0).collect(toSet()));
            blocks.add("{\"pages\":["
                    + block.stream().map(DerivationCasesTest::quoted).collect(joining(",")) + "],\"moves\":"
                    + moves(move -> block.isEmpty() ? null : place(site, block, move)) + "}");
        }
        return "{\"home\":" + quoted(site.home()) + ",\"rows\":["
                + site.pages().walk().stream().map(row -> json(site, row)).collect(joining(",\n")) + "],\"blocks\":["
                + String.join(",\n", blocks) + "]}";
    }

    private static List<PageId> outermost(Site site, Set<PageId> pages) {
        return site.pages().walk().stream()
                .map(Branch::id)
                .filter(page -> site.pages().pathTo(page).stream()
                        .map(Branch::id)
                        .filter(pages::contains)
                        .toList()
                        .equals(List.of(page)))
                .toList();
    }

    private static String moves(Function<GestureMove, @Nullable Place<PageId>> place) {
        return Stream.of(GestureMove.values())
                .map(move -> "\"" + move.word() + "\":" + json(place.apply(move)))
                .collect(joining(",", "{", "}"));
    }

    private static String json(Site site, Branch<PageId, Page> row) {
        return "{\"id\":" + quoted(row.id()) + ",\"slug\":\"" + row.value().slug() + "\",\"place\":"
                + json(site.pages().placeOf(row.id())) + ",\"address\":\"" + Addresses.of(site, row.id())
                + "\",\"level\":" + site.pages().levelOf(row.id()) + ",\"inside\":["
                + site.pages().pathTo(row.id()).stream()
                        .map(step -> quoted(step.id()))
                        .collect(joining(","))
                + "],\"moves\":" + moves(move -> place(site, List.of(row.id()), move)) + "}";
    }

    /** Down and last go by the last of a block, the other moves by its first; what moves too is passed over. */
    private static @Nullable Place<PageId> place(Site site, List<PageId> block, GestureMove move) {
        PageId row = move == GestureMove.DOWN || move == GestureMove.LAST ? block.getLast() : block.getFirst();
        @Nullable PageId parent = site.pages().parentOf(row).orElse(null);
        List<PageId> siblings =
                site.pages().childrenOf(parent).stream().map(Branch::id).toList();
        int at = siblings.indexOf(row);
        List<PageId> before = staying(siblings.subList(0, at), block);
        List<PageId> after = staying(siblings.subList(at + 1, siblings.size()), block);
        return switch (move) {
            case UP ->
                before.isEmpty()
                        ? null
                        : new Place<>(parent, before.size() == 1 ? null : before.get(before.size() - 2));
            case FIRST -> before.isEmpty() ? null : new Place<>(parent, null);
            case DOWN -> after.isEmpty() ? null : new Place<>(parent, after.getFirst());
            case LAST -> after.isEmpty() ? null : new Place<>(parent, after.getLast());
            case IN -> before.isEmpty() ? null : site.pages().endOf(before.getLast());
            case OUT ->
                parent == null
                        ? null
                        : new Place<>(site.pages().parentOf(parent).orElse(null), parent);
        };
    }

    private static List<PageId> staying(List<PageId> pages, List<PageId> block) {
        return pages.stream().filter(page -> !block.contains(page)).toList();
    }

    private static String json(@Nullable Place<PageId> place) {
        return place == null
                ? "null"
                : "{\"parent\":" + quoted(place.parent()) + ",\"after\":" + quoted(place.after()) + "}";
    }

    private static String quoted(@Nullable PageId id) {
        return id == null ? "null" : "\"" + id.value() + "\"";
    }
}
