package velnik.core;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
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
 * Writes down what the editor may work out by itself, so that its own tests hold it to the core: addresses, levels, what
 * is inside what, and where a move takes a row. Read by {@code web/src/working-copy/derivations.test.ts}.
 */
public class DerivationCasesTest {
    private static final Path FILE = Path.of("target/derivation-cases.json");
    private static final int SITES = 40;
    private static final int EDITS = 30;

    @Test
    public void cases_areWrittenForTheEditor() throws IOException {
        List<String> sites = new ArrayList<>();
        for (int seed = 0; seed < SITES; seed++) {
            sites.add(json(site(seed)));
        }
        Files.createDirectories(FILE.toAbsolutePath().getParent());
        Files.writeString(FILE, "[" + String.join(",\n", sites) + "]");
        assertTrue(Files.size(FILE) > 10_000);
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

    private static String json(Site site) {
        return "{\"home\":" + quoted(site.home()) + ",\"rows\":["
                + site.pages().walk().stream().map(row -> json(site, row)).collect(joining(",\n")) + "]}";
    }

    private static String json(Site site, Branch<PageId, Page> row) {
        List<String> moves = new ArrayList<>();
        for (GestureMove move : GestureMove.values()) {
            moves.add("\"" + move.word() + "\":" + json(place(site, row.id(), move)));
        }
        return "{\"id\":" + quoted(row.id()) + ",\"slug\":\"" + row.value().slug() + "\",\"place\":"
                + json(site.pages().placeOf(row.id())) + ",\"address\":\"" + Addresses.of(site, row.id())
                + "\",\"level\":" + site.pages().levelOf(row.id()) + ",\"inside\":["
                + site.pages().pathTo(row.id()).stream()
                        .map(step -> quoted(step.id()))
                        .collect(joining(","))
                + "],\"moves\":{" + String.join(",", moves) + "}}";
    }

    private static @Nullable Place<PageId> place(Site site, PageId row, GestureMove move) {
        Place<PageId> here = site.pages().placeOf(row);
        @Nullable PageId parent = here.parent();
        @Nullable PageId before = here.after();
        List<Branch<PageId, Page>> siblings = site.pages().childrenOf(parent);
        return switch (move) {
            case UP -> before == null ? null : site.pages().placeOf(before);
            case DOWN ->
                siblings.getLast().id().equals(row)
                        ? null
                        : new Place<>(
                                parent, siblings.get(indexOf(siblings, row) + 1).id());
            case FIRST -> before == null ? null : new Place<>(parent, null);
            case LAST ->
                siblings.getLast().id().equals(row)
                        ? null
                        : new Place<>(parent, siblings.getLast().id());
            case IN -> before == null ? null : site.pages().endOf(before);
            case OUT ->
                parent == null
                        ? null
                        : new Place<>(site.pages().parentOf(parent).orElse(null), parent);
        };
    }

    private static int indexOf(List<Branch<PageId, Page>> siblings, PageId row) {
        return siblings.stream().map(Branch::id).toList().indexOf(row);
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
