package velnik.server.workingcopy;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import velnik.core.change.Notice;
import velnik.core.change.Outcome;
import velnik.core.content.LinkedTexts;
import velnik.core.content.LostLinks;
import velnik.core.figure.Clicks;
import velnik.core.finding.Finding;
import velnik.core.finding.Findings;
import velnik.core.fit.RowClass;
import velnik.core.navigation.SiteNavigation;
import velnik.core.navigation.Whereabouts;
import velnik.core.reach.Openings;
import velnik.core.site.Device;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** What follows from the working copy, computed once for each revision and shared by all who ask until
 * the next, or until something opens or closes by itself. */
@Service
public class Computed {
    private final WorkingCopy workingCopy;
    private final LinkedTexts texts;
    private final Clock clock;
    private volatile @Nullable Revision newest;
    private volatile @Nullable Revision asked;

    Computed(WorkingCopy workingCopy, LinkedTexts texts, Clock clock) {
        this.workingCopy = workingCopy;
        this.texts = texts;
        this.clock = clock;
    }

    /** Of the working copy as it is now. */
    public Revision now() {
        WorkingCopy.State state = workingCopy.state();
        Revision known = newest;
        if (known == null || known.state() != state || known.isOver(clock.instant())) {
            known = new Revision(state, texts, clock.instant());
            newest = known;
        }
        return known;
    }

    /** Of the working copy as it is now, at noon of a day by the clock of the site. */
    public Revision on(LocalDate day) {
        WorkingCopy.State state = workingCopy.state();
        Instant noon = noon(state.site(), day);
        Revision known = asked;
        if (known == null || known.state() != state || !known.at.equals(noon)) {
            known = new Revision(state, texts, noon);
            asked = known;
        }
        return known;
    }

    /** By the clock of the site. */
    public static Instant noon(Site site, LocalDate day) {
        return day.atTime(LocalTime.NOON).atZone(site.details().timeZone()).toInstant();
    }

    /** One revision, and what was asked of it so far. */
    public static final class Revision {
        private final WorkingCopy.State state;
        private final LinkedTexts texts;
        private final Instant at;
        private final Openings openings;
        private final Optional<Instant> until;
        private final Map<Visitor, SiteNavigation> asVisitorsGetIt = new EnumMap<>(Visitor.class);
        private @Nullable SiteNavigation navigation;
        private @Nullable Whereabouts whereabouts;
        private @Nullable Clicks clicks;
        private @Nullable List<Finding> findings;
        private @Nullable Map<PageId, List<PageId>> linking;
        private @Nullable List<RowClass> rows;

        Revision(WorkingCopy.State state, LinkedTexts texts, Instant at) {
            this.state = state;
            this.texts = texts;
            this.at = at;
            this.openings = Openings.at(state.site(), at);
            this.until = openings.nextChange(state.site());
        }

        public WorkingCopy.State state() {
            return state;
        }

        /** Which periods run. */
        public Openings openings() {
            return openings;
        }

        /** When something next opens or closes by itself. */
        public Optional<Instant> until() {
            return until;
        }

        /** Whether something has opened or closed since. */
        boolean isOver(Instant now) {
            return until.filter(moment -> !now.isBefore(moment)).isPresent();
        }

        /** What would become of it by changes, with what that means for links in texts. */
        public Outcome withLostLinks(Outcome outcome) {
            if (!(outcome instanceof Outcome.Applied applied)) {
                return outcome;
            }
            List<Notice> notices = new ArrayList<>(applied.notices());
            LostLinks.between(state.site(), applied.site(), openings, texts).ifPresent(notices::add);
            return new Outcome.Applied(
                    applied.site(), applied.title(), applied.sentence(), notices, applied.remedies());
        }

        /** With all that shows to somebody. */
        public synchronized SiteNavigation navigation() {
            if (navigation == null) {
                navigation = SiteNavigation.of(state.site(), at);
            }
            return navigation;
        }

        /** As a visitor gets it; the same object where the site tells visitors not apart. */
        public synchronized SiteNavigation navigation(Visitor visitor) {
            if (visitor == Visitor.NON_MEMBER && !state.site().tellsVisitorsApart()) {
                return navigation();
            }
            return asVisitorsGetIt.computeIfAbsent(visitor, who -> SiteNavigation.of(state.site(), at, who));
        }

        public synchronized Whereabouts whereabouts() {
            if (whereabouts == null) {
                whereabouts = Whereabouts.of(state.site(), navigation());
            }
            return whereabouts;
        }

        /** On a wide screen. */
        public synchronized Clicks clicks() {
            if (clicks == null) {
                clicks = Clicks.of(state.site(), navigation(), Device.WIDE, texts);
            }
            return clicks;
        }

        /** The pages whose texts link to a page. */
        public synchronized List<PageId> linkingTo(PageId page) {
            if (linking == null) {
                linking = texts.linking(state.site());
            }
            return linking.getOrDefault(page, List.of());
        }

        /** Of all pages. */
        public synchronized List<RowClass> rows() {
            if (rows == null) {
                rows = RowClass.of(state.site(), navigation());
            }
            return rows;
        }

        public synchronized List<Finding> findings() {
            if (findings == null) {
                findings = Findings.of(state.site(), navigation(), whereabouts(), clicks(), texts);
            }
            return findings;
        }
    }
}
