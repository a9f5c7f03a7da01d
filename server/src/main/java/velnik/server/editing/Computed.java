package velnik.server.editing;

import java.time.Clock;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import velnik.core.figure.Clicks;
import velnik.core.navigation.SiteNavigation;
import velnik.core.navigation.Whereabouts;
import velnik.core.site.Device;

/** What follows from the working copy, computed once for each revision and shared by all who ask until the next. */
@Service
public class Computed {
    private final WorkingCopy workingCopy;
    private final Clock clock;
    private volatile @Nullable Revision newest;

    Computed(WorkingCopy workingCopy, Clock clock) {
        this.workingCopy = workingCopy;
        this.clock = clock;
    }

    /** Of the working copy as it is now. */
    public Revision now() {
        WorkingCopy.State state = workingCopy.state();
        Revision known = newest;
        if (known == null || known.state() != state) {
            known = new Revision(state, clock.instant());
            newest = known;
        }
        return known;
    }

    /** One revision, and what was asked of it so far. */
    public static final class Revision {
        private final WorkingCopy.State state;
        private final Instant at;
        private @Nullable SiteNavigation navigation;
        private @Nullable Whereabouts whereabouts;
        private @Nullable Clicks clicks;

        Revision(WorkingCopy.State state, Instant at) {
            this.state = state;
            this.at = at;
        }

        public WorkingCopy.State state() {
            return state;
        }

        public synchronized SiteNavigation navigation() {
            if (navigation == null) {
                navigation = SiteNavigation.of(state.site(), at);
            }
            return navigation;
        }

        public synchronized Whereabouts whereabouts() {
            if (whereabouts == null) {
                whereabouts = Whereabouts.of(state.site());
            }
            return whereabouts;
        }

        /** On a wide screen. */
        public synchronized Clicks clicks() {
            if (clicks == null) {
                clicks = Clicks.of(state.site(), navigation(), Device.WIDE);
            }
            return clicks;
        }
    }
}
