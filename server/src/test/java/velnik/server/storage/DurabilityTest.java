package velnik.server.storage;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.h2.store.fs.FilePath;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import velnik.core.sample.Brackwater;
import velnik.core.site.Site;
import velnik.server.workingcopy.Undo;
import velnik.server.workingcopy.WorkingCopies;
import velnik.server.workingcopy.WorkingCopy;

/** What a pulled plug leaves, on a file layer that loses whatever was not forced to the disk. */
public class DurabilityTest {

    @BeforeClass
    public void registerFileLayer() {
        FilePath.register(new ForcedOnlyFiles());
    }

    @Test
    public void everyAcknowledgedEdit_survivesAPowerFailure() throws IOException {
        Path folder = Files.createTempDirectory("velnik-forced");
        try (OpenedStorage storage = OpenedStorage.in(ForcedOnlyFiles.SCHEME + ":" + folder)) {
            WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
            int edits = 0;
            for (var change : Brackwater.changes()) {
                copy.apply("mara", "request-" + edits++, copy.state().revision(), List.of(change));
                assertEquals(afterPowerFailure(folder), copy.state().site());
            }
            copy.undo("mara", "request-undo", Undo.ALONE);
            assertEquals(afterPowerFailure(folder), copy.state().site());
        }
    }

    /** The same without forcing loses edits: the layer does notice. */
    @Test
    public void withoutForcing_editsWouldBeLost() throws IOException {
        Path folder = Files.createTempDirectory("velnik-unforced");
        try (OpenedStorage storage = OpenedStorage.withoutForcing(ForcedOnlyFiles.SCHEME + ":" + folder)) {
            WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
            copy.apply("mara", "request-1", 0, Brackwater.changes());
            assertNotEquals(afterPowerFailure(folder), copy.state().site());
        }
    }

    private static Site afterPowerFailure(Path folder) throws IOException {
        Path left = Files.createTempDirectory("velnik-left");
        ForcedOnlyFiles.keepOnlyWhatWasForced(folder, left);
        try (OpenedStorage storage = OpenedStorage.in(left.toString())) {
            return storage.sites().load().site();
        }
    }
}
