package velnik.server.storage;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BooleanSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import velnik.server.calls.ProblemException;
import velnik.server.calls.StorageTrouble;
import velnik.server.settings.DiskSpace;
import velnik.server.settings.Settings;

/**
 * Writes whose outcome may be unknown: a commit can succeed and the call fail all the same. After a failure, memory is
 * made what the disk holds before anything else is written or answered, so the two never part. Used under the working
 * copy's lock only.
 */
@Component
public class Disk implements StorageTrouble {
    private static final Logger LOG = LoggerFactory.getLogger(Disk.class);

    private final Durability durability;
    private final Path folder;
    private final List<Runnable> readers = new CopyOnWriteArrayList<>();
    private volatile boolean known = true;

    @Autowired
    Disk(Durability durability, Settings settings) {
        this(durability, settings.data());
    }

    Disk(Durability durability, Path folder) {
        this.durability = durability;
        this.folder = folder;
    }

    /** Has somebody make what they remember of the disk what is there, whenever that may differ. */
    public void whenUnsure(Runnable reader) {
        readers.add(reader);
    }

    /**
     * Writes, and finds out what became of it where that fails.
     *
     * @param write one transaction
     * @param kept whether what was to be written is there, asked after all readers have read
     * @throws ProblemException when it was not written (507), or nobody can tell just now; nothing more is written then
     *     until {@link #settle} succeeds
     */
    public void write(Runnable write, BooleanSupplier kept) {
        settle();
        try {
            write.run();
            return;
        } catch (RuntimeException failed) {
            LOG.error("a write to the disk failed", failed);
            known = false;
            durability.renew();
        } catch (Error failed) {
            known = false;
            throw failed;
        }
        settle();
        if (!kept.getAsBoolean()) {
            throw new ProblemException(HttpStatus.INSUFFICIENT_STORAGE, "disk-refuses", DiskSpace.refusal(folder));
        }
    }

    @Override
    public Optional<String> behind(Throwable failed) {
        return DatabaseFailure.is(failed) ? Optional.of(DiskSpace.refusal(folder)) : Optional.empty();
    }

    /** Whether what is remembered is what the disk holds; false after a failure until the disk works again. */
    public boolean isKnown() {
        return known;
    }

    /**
     * Makes sure that what is remembered is what the disk holds.
     *
     * @throws ProblemException when the disk does not answer (507)
     */
    public void settle() {
        if (known) {
            return;
        }
        try {
            durability.force();
            readers.forEach(Runnable::run);
            known = true;
        } catch (RuntimeException still) {
            LOG.error("the disk does not answer: {}", still.getMessage());
            durability.renew();
            throw new ProblemException(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "disk-unsure",
                    (DiskSpace.isFull(folder)
                                    ? "The disk that Velnik keeps its data on is full. "
                                    : "The disk that Velnik keeps its data on does not answer. ")
                            + "Your last edit may or may not be saved; no other is taken until the disk works again."
                            + " Visitors still get the site.");
        }
    }
}
