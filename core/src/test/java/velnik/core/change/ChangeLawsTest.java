package velnik.core.change;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.address.Addresses;
import velnik.core.address.Slugs;
import velnik.core.compare.Difference;
import velnik.core.outline.Branch;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

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

    @Test(dataProvider = "seeds")
    public void anySequence_keepsTheSiteSound_andEveryStepCanBeComparedAndTakenBack(long seed) {
        RandomEdits edits = new RandomEdits(seed);
        Set<PageId> published = new HashSet<>();
        Site site = SiteGenerator.begun();
        Deque<Site> earlier = new ArrayDeque<>();
        Deque<Difference> done = new ArrayDeque<>();
        for (int i = 0; i < EDITS; i++) {
            Site before = site;
            Change change = edits.next(site);
            switch (Changes.apply(site, change, new Circumstances(published))) {
                case Outcome.Refused refused ->
                    assertTrue(refused.why().sentence().endsWith("."));
                case Outcome.Applied applied -> {
                    site = applied.site();
                    Difference difference = Difference.between(before, site);
                    assertEquals(difference.applyTo(before), site, "compare, then apply");
                    earlier.push(before);
                    done.push(difference);
                }
            }
            assertSound(site);
            if (i == EDITS / 2) {
                site.pages().walk().forEach(row -> published.add(row.id()));
            }
        }
        while (!done.isEmpty()) {
            Difference last = done.pop();
            Site undone = undone(site, last);
            assertEquals(undone, earlier.pop(), "undo gives back exactly what was");
            assertEquals(undone(undone, last.reversed()), site, "redo gives back what was undone");
            site = undone;
        }
    }

    private static Site undone(Site site, Difference difference) {
        return switch (Undoing.undo(site, difference)) {
            case Undoing.Result.Undone result -> result.site();
            case Undoing.Result.Blocked blocked ->
                throw new AssertionError(blocked.why().sentence());
        };
    }

    private static void assertSound(Site site) {
        Set<String> addresses = new HashSet<>();
        int rows = 0;
        for (Branch<PageId, Page> row : site.pages().walk()) {
            rows++;
            String address = Addresses.of(site, row.id());
            assertTrue(addresses.add(address), "two pages at " + address);
            assertEquals(Addresses.find(site, address.toUpperCase(Locale.ROOT)).orElseThrow(), row.id());
            assertTrue(site.pages().levelOf(row.id()) <= Limits.LEVELS);
            assertTrue(Slugs.isWellFormed(row.value().slug()), row.value().slug());
        }
        assertEquals(rows, site.pages().size(), "a row is lost");
    }
}
