package velnik.server.tidying;

import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import velnik.server.files.KeptFiles;
import velnik.server.releasing.Releases;
import velnik.server.storage.DatabaseFile;
import velnik.server.texts.Texts;
import velnik.server.workingcopy.WorkingCopy;

/** Lets old removals, releases, entries of the journal, texts and files go, and makes the file small again. */
@Component
@EnableScheduling
class Tidying {
    private static final Logger LOG = LoggerFactory.getLogger(Tidying.class);

    private final WorkingCopy workingCopy;
    private final Releases releases;
    private final Texts texts;
    private final KeptFiles files;
    private final DatabaseFile database;

    Tidying(WorkingCopy workingCopy, Releases releases, Texts texts, KeptFiles files, DatabaseFile database) {
        this.workingCopy = workingCopy;
        this.releases = releases;
        this.texts = texts;
        this.files = files;
        this.database = database;
    }

    @Scheduled(cron = "0 30 3 * * *")
    void tidy() {
        try {
            workingCopy.tidy();
            releases.tidy();
            workingCopy.edit(() -> {
                texts.tidy();
                files.tidy();
                return workingCopy.state();
            });
            compact();
        } catch (RuntimeException failed) {
            LOG.warn("the night's work was not done, and is tried again tomorrow: {}", failed.getMessage());
        }
    }

    /** So that not even a day of edits without a pause fills the disk. */
    @Scheduled(initialDelay = 15, fixedDelay = 15, timeUnit = TimeUnit.MINUTES)
    void compactWhenLarge() {
        if (database.isLarge()) {
            compact();
        }
    }

    private void compact() {
        workingCopy.edit(() -> {
            database.compact();
            return workingCopy.state();
        });
    }
}
