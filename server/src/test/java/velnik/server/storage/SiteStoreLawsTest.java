package velnik.server.storage;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.change.Change;
import velnik.core.sample.Brackwater;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.server.calls.ProblemException;
import velnik.server.workingcopy.Undo;
import velnik.server.workingcopy.WorkingCopies;
import velnik.server.workingcopy.WorkingCopy;

/** What is in the tables is what is in memory, after any sequence of edits and undos. */
public class SiteStoreLawsTest {
    private static final int EDITS = 250;

    @Test
    public void storedSite_isAlwaysTheOneInMemory() throws IOException {
        Random random = new Random(5);
        RandomEdits edits = new RandomEdits(5);
        try (OpenedStorage storage =
                OpenedStorage.in(Files.createTempDirectory("velnik-laws").toString())) {
            WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
            copy.applyForGood("mara", "begin-site", Brackwater.changes());
            int taken = 0;
            for (int i = 0; i < EDITS; i++) {
                taken += edited(copy, edits, random, i) ? 1 : 0;
                SiteStore.Stored stored = storage.sites().load();
                assertEquals(stored.site(), copy.state().site(), "after edit " + i);
                assertEquals(stored.revision(), copy.state().revision());
            }
            assertTrue(taken > EDITS / 3, "many edits are taken: " + taken);
        }
    }

    @Test
    public void write_onAnotherRevision_changesNothing() throws IOException {
        try (OpenedStorage storage =
                OpenedStorage.in(Files.createTempDirectory("velnik-revision").toString())) {
            WorkingCopy first = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
            WorkingCopy second = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
            first.apply("mara", "request-1", 0, Brackwater.changes());
            Site kept = first.state().site();
            assertThrows(ProblemException.class, () -> second.apply("jo", "request-2", 0, Brackwater.changes()));
            assertEquals(storage.sites().load().site(), kept);
            assertEquals(second.state().site(), kept, "it found out what the disk holds");
        }
    }

    /** So many edits ago that they are not remembered one by one: told, with both values, where it would overwrite. */
    @Test
    public void editBasedOnAStateTooOldToJudge_isTold() throws IOException {
        PageId canoes = Brackwater.id("Canoes");
        try (OpenedStorage storage =
                OpenedStorage.in(Files.createTempDirectory("velnik-old").toString())) {
            WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
            copy.applyForGood("mara", "begin-site", Brackwater.changes());
            long old = copy.state().revision();
            retitle(copy, canoes, "jo-long-ago", "Jo's canoes");
            for (int i = 0; i < 1001; i++) {
                retitle(copy, Brackwater.id("Kayaks"), "request-" + i, "Kayaks " + i);
            }
            ProblemException told = expectThrows(
                    ProblemException.class,
                    () -> copy.apply("mara", "mara-so-late", old, List.of(new Change.RetitlePage(canoes, "Mara's"))));
            assertEquals(told.type(), "too-long-ago");
            assertEquals(told.facts().get("theirs") + " " + told.facts().get("yours"), "Jo's canoes Mara's");
            assertEquals(copy.state().site().pages().get(canoes).title(), "Jo's canoes");
        }
    }

    private static void retitle(WorkingCopy copy, PageId page, String request, String title) {
        copy.apply("jo", request, copy.state().revision(), List.of(new Change.RetitlePage(page, title)));
    }

    private static boolean edited(WorkingCopy copy, RandomEdits edits, Random random, int number) {
        String request = "request-" + number;
        try {
            switch (random.nextInt(6)) {
                case 0 -> copy.undo("mara", request, Undo.values()[random.nextInt(3)]);
                case 1 -> copy.redo("mara", request);
                default -> {
                    Change change = edits.next(copy.state().site());
                    copy.apply("mara", request, copy.state().revision(), List.of(change));
                }
            }
            return true;
        } catch (ProblemException refused) {
            return false;
        }
    }
}
