package velnik.server.storage;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;
import velnik.core.change.Change;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.sample.Brackwater;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.server.editing.WorkingCopies;
import velnik.server.editing.WorkingCopy;
import velnik.server.shared.ProblemException;

/** What is in the tables is what is in memory, after any sequence of edits and undos. */
public class SiteStoreLawsTest {
    private static final int EDITS = 250;

    @Test
    public void storedSite_isAlwaysTheOneInMemory() throws IOException {
        Random random = new Random(5);
        try (OpenedStorage storage =
                OpenedStorage.in(Files.createTempDirectory("velnik-laws").toString())) {
            WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases());
            copy.applyForTheSystem("mara", "begin-site", Brackwater.changes());
            int taken = 0;
            for (int i = 0; i < EDITS; i++) {
                taken += edited(copy, random, i) ? 1 : 0;
                SiteStore.Stored stored = storage.sites().load();
                assertEquals(stored.site(), copy.state().site(), "after edit " + i);
                assertEquals(stored.revision(), copy.state().revision());
            }
            assertEquals(taken > EDITS / 2, true, "most edits are taken: " + taken);
        }
    }

    @Test
    public void write_onAnotherRevision_changesNothing() throws IOException {
        try (OpenedStorage storage =
                OpenedStorage.in(Files.createTempDirectory("velnik-revision").toString())) {
            WorkingCopy first = WorkingCopies.over(storage.sites(), storage.releases());
            WorkingCopy second = WorkingCopies.over(storage.sites(), storage.releases());
            first.apply("mara", "request-1", 0, Brackwater.changes());
            Site kept = first.state().site();
            assertThrows(IllegalStateException.class, () -> second.apply("jo", "request-2", 0, Brackwater.changes()));
            assertEquals(storage.sites().load().site(), kept);
            assertEquals(second.state().site(), Site.bare());
        }
    }

    private static boolean edited(WorkingCopy copy, Random random, int number) {
        String request = "request-" + number;
        try {
            switch (random.nextInt(6)) {
                case 0 -> copy.undo("mara", request);
                case 1 -> copy.redo("mara", request);
                default -> copy.apply("mara", request, copy.state().revision(), List.of(change(copy, random, number)));
            }
            return true;
        } catch (ProblemException refused) {
            return false;
        }
    }

    private static Change change(WorkingCopy copy, Random random, int number) {
        List<Branch<PageId, Page>> rows = copy.state().site().pages().walk();
        PageId one = rows.get(random.nextInt(rows.size())).id();
        PageId other = rows.get(random.nextInt(rows.size())).id();
        Place<PageId> after =
                new Place<>(copy.state().site().pages().branch(one).parent(), one);
        return switch (random.nextInt(4)) {
            case 0 ->
                new Change.AddPages(List.of(
                        Change.NewPage.open(new PageId("n" + number), after, "New " + number),
                        Change.NewPage.open(
                                new PageId("m" + number), Place.firstUnder(new PageId("n" + number)), "Under")));
            case 1 -> new Change.RetitlePage(one, "Title " + number);
            default ->
                new Change.MovePages(
                        new ArrayList<>(List.of(other)), random.nextBoolean() ? after : Place.firstUnder(one));
        };
    }
}
