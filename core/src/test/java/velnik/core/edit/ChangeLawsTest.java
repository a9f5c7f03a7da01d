package velnik.core.edit;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.address.Addresses;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.MenuChange;
import velnik.core.change.Outcome;
import velnik.core.compare.Difference;
import velnik.core.forwarding.Releasing;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Branch;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;
import velnik.core.soundness.Soundness;
import velnik.core.undo.Undoing;

/** What holds after any sequence of edits. */
public class ChangeLawsTest {
    private static final int SEQUENCES = 2_000;
    private static final int EDITS = 25;

    @DataProvider
    public Object[][] seeds() {
        return new Random(11)
                .longs(SEQUENCES)
                .mapToObj(seed -> new Object[] {seed})
                .toArray(Object[][]::new);
    }

    /** Every other with the pages that Velnik makes. */
    private static Site begun(long seed) {
        Site site = SiteGenerator.begun();
        return seed % 2 == 0
                ? site
                : ((Outcome.Applied) Changes.apply(site, new Change.AddBuiltInPages(), Circumstances.NOBODY)).site();
    }

    @Test(dataProvider = "seeds")
    public void anySequence_keepsTheSiteSound_andEveryStepCanBeComparedAndTakenBack(long seed) {
        RandomEdits edits = new RandomEdits(seed);
        Site site = begun(seed);
        Deque<Site> earlier = new ArrayDeque<>();
        Deque<Difference> done = new ArrayDeque<>();
        for (int i = 0; i < EDITS; i++) {
            Site before = site;
            Change change = edits.next(site);
            switch (Changes.apply(site, change, Circumstances.NOBODY)) {
                case Outcome.Refused refused ->
                    assertTrue(refused.why().sentence().endsWith("."));
                case Outcome.Applied applied -> {
                    site = applied.site();
                    Difference difference = Difference.between(before, site);
                    assertEquals(difference.applyTo(before), site, "compare, then apply");
                    if (change instanceof MenuChange.FreezeList || change instanceof MenuChange.DetachBranch) {
                        assertEquals(seen(site), seen(before), "visitors see no difference: " + change);
                    }
                    assertComesBack(before, site, change);
                    earlier.push(before);
                    done.push(difference);
                }
            }
            assertSound(site);
            if (i == EDITS / 2) {
                site = Releasing.released(Site.bare(), site, Instant.EPOCH);
            }
        }
        while (!done.isEmpty()) {
            Difference last = done.pop();
            Site undone = undone(site, last);
            assertEquals(undone, earlier.pop().withPast(site.past()), "undo gives back exactly what was");
            assertEquals(undone(undone, last.reversed()), site, "redo gives back what was undone");
            site = undone;
        }
    }

    /** What goes into the bin as a whole comes out of it to where it was. */
    private static void assertComesBack(Site before, Site after, Change change) {
        RemovalId removal = switch (change) {
            case Change.RemovePages remove -> remove.subpages() == Change.Subpages.GO_TOO ? remove.removal() : null;
            case MenuChange.RemoveMenuRows remove -> remove.removal();
            default -> null;
        };
        if (removal != null
                && Changes.apply(after, new Change.Restore(removal), Circumstances.NOBODY)
                        instanceof Outcome.Applied back) {
            assertEquals(back.site(), before, "removed, then restored");
        } else {
            assertNull(removal, "what was removed can come back at once");
        }
    }

    private static Site undone(Site site, Difference difference) {
        return switch (Undoing.undo(site, difference)) {
            case Undoing.Result.Undone result -> result.site();
            case Undoing.Result.Blocked blocked ->
                throw new AssertionError(blocked.why().sentence());
        };
    }

    /** What visitors read in all zones of all pages. */
    private static List<String> seen(Site site) {
        return Stream.of(Visitor.values())
                .flatMap(visitor -> seen(site, SiteNavigation.of(site, Instant.EPOCH, visitor)))
                .toList();
    }

    private static Stream<String> seen(Site site, SiteNavigation navigation) {
        return site.pages().walk().stream()
                .flatMap(page -> Stream.of(Zone.values())
                        .flatMap(zone -> navigation.forPage(page.id()).in(zone).stream())
                        .map(menu -> labels(menu.rows())));
    }

    private static String labels(List<NavigationRow> rows) {
        return rows.stream()
                .map(row -> row.label() + row.devices() + row.target() + labels(row.rows()))
                .collect(joining(", ", "(", ")"));
    }

    private static List<String> shown(SiteNavigation navigation, @Nullable PageId page, Zone zone) {
        return navigation.forPage(page).in(zone).stream()
                .map(menu -> menu.name() + menu.rows())
                .toList();
    }

    private static void assertSound(Site site) {
        assertEquals(String.join("\n", Soundness.of(site)), "");
        int rows = 0;
        for (Branch<PageId, Page> row : site.pages().walk()) {
            rows++;
            String address = Addresses.of(site, row.id());
            assertEquals(Addresses.find(site, address.toUpperCase(Locale.ROOT)).orElseThrow(), row.id());
        }
        assertEquals(rows, site.pages().size(), "a row is lost");
        PageId page = site.pages().top().isEmpty()
                ? null
                : site.pages().top().getLast().id();
        SiteNavigation navigation = SiteNavigation.of(site, Instant.EPOCH);
        for (Zone zone : Zone.values()) {
            List<String> once = shown(navigation, page, zone);
            assertEquals(shown(SiteNavigation.of(site, Instant.EPOCH), page, zone), once, "resolving twice is equal");
        }
    }
}
