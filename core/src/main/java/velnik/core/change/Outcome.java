package velnik.core.change;

import java.util.List;
import java.util.stream.Stream;
import velnik.core.site.Site;

/** What became of a change. A refusal is an ordinary answer, not an exception. */
public sealed interface Outcome {

    /**
     * @param title what was asked, to name it in undo: "Move Canoes under Hire"
     * @param sentence what happened: "Canoes moved under Hire."
     * @param notices what else the owner wants to know of it
     * @param remedies what can be done about that
     */
    record Applied(Site site, String title, String sentence, List<Notice> notices, List<Remedy> remedies)
            implements Outcome {
        public Applied {
            notices = List.copyOf(notices);
            remedies = List.copyOf(remedies);
        }

        /** What happened and what else there is to know, in sentences. */
        public List<String> told() {
            return Stream.concat(Stream.of(sentence), notices.stream().map(Notice::sentence))
                    .toList();
        }
    }

    /** Nothing was changed. */
    record Refused(Refusal why) implements Outcome {}
}
