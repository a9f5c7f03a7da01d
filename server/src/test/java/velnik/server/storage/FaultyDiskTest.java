package velnik.server.storage;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.Supplier;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.change.Change;
import velnik.core.sample.Brackwater;
import velnik.core.site.Site;
import velnik.server.calls.ProblemException;
import velnik.server.workingcopy.Undo;
import velnik.server.workingcopy.WorkingCopies;
import velnik.server.workingcopy.WorkingCopy;

/**
 * A disk that fails at any step of writing, before or after the step is done: memory, disk and answers agree, nothing
 * acknowledged is lost, and a repeat is applied once.
 */
public class FaultyDiskTest {
    private static final int EDITS = 300;

    private final Random random = new Random(11);
    private final Faults faults = new Faults();
    private final Set<String> acknowledged = new HashSet<>();

    @Test
    public void diskThatFailsAtAnyStep_neverPartsFromMemory() throws IOException {
        RandomEdits edits = new RandomEdits(11);
        String folder = Files.createTempDirectory("velnik-faults").toString();
        Site last;
        try (OpenedStorage storage = OpenedStorage.in(folder, faults)) {
            WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
            copy.applyForGood("mara", "begin-site", Brackwater.changes());
            int failed = 0;
            int unsure = 0;
            for (int i = 0; i < EDITS; i++) {
                String request = "request-" + i;
                Supplier<WorkingCopy.Kept> asking = asking(copy, edits, request);
                if (random.nextBoolean()) {
                    faults.failFrom(random.nextInt(9), 1 + random.nextInt(4), random.nextBoolean());
                }
                String answer = answer(asking, request);
                failed += answer.startsWith("disk-") ? 1 : 0;
                if (answer.equals("disk-unsure")) {
                    unsure++;
                    faults.heal();
                    assertTrue(!answer(asking, request).startsWith("disk-"), "it goes on once the disk works again");
                }
                faults.heal();
                SiteStore.Stored stored = storage.sites().load();
                assertEquals(stored.revision(), copy.state().revision(), "edit " + i + " " + answer);
                assertEquals(stored.site(), copy.state().site(), "edit " + i + " " + answer);
                assertEquals(
                        acknowledged.contains(request),
                        !storage.sites().entriesOf(request).isEmpty(),
                        "edit " + i + " " + answer);
            }
            assertTrue(failed > EDITS / 10 && unsure > 3, failed + " failed, of these unsure: " + unsure);
            last = copy.state().site();
        }
        try (OpenedStorage again = OpenedStorage.in(folder)) {
            assertEquals(again.sites().load().site(), last);
        }
    }

    private Supplier<WorkingCopy.Kept> asking(WorkingCopy copy, RandomEdits edits, String request) {
        if (random.nextInt(4) == 0) {
            Undo how = Undo.values()[random.nextInt(3)];
            return () -> copy.undo("mara", request, how);
        }
        Change change = edits.next(copy.state().site());
        return () -> copy.apply("mara", request, copy.state().revision(), List.of(change));
    }

    /** "kept", "nothing" for an edit that changes nothing, or the type of the problem. */
    private String answer(Supplier<WorkingCopy.Kept> asking, String request) {
        try {
            boolean kept = !asking.get().differences().isEmpty();
            if (kept) {
                acknowledged.add(request);
            }
            return kept ? "kept" : "nothing";
        } catch (ProblemException refused) {
            return refused.type();
        }
    }
}
