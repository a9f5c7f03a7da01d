package velnik.server.tidying;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import velnik.server.editing.WorkingCopy;
import velnik.server.releasing.Releases;
import velnik.server.storage.Compaction;

/** Lets old removals, releases and entries of the journal go, and makes the file small again. */
@Component
@EnableScheduling
public class Nightly {
    private static final Logger LOG = LoggerFactory.getLogger(Nightly.class);

    private final WorkingCopy workingCopy;
    private final Releases releases;
    private final Compaction compaction;

    Nightly(WorkingCopy workingCopy, Releases releases, Compaction compaction) {
        this.workingCopy = workingCopy;
        this.releases = releases;
        this.compaction = compaction;
    }

    @Scheduled(cron = "0 30 3 * * *")
    public void tidy() {
        try {
            workingCopy.tidy();
            releases.tidy();
            workingCopy.edit(() -> {
                compaction.run();
                return workingCopy.state();
            });
        } catch (RuntimeException failed) {
            LOG.warn("the night's work was not done, and is tried again tomorrow: {}", failed.getMessage());
        }
    }
}
