package velnik.server.editing;

import java.util.List;
import org.springframework.stereotype.Component;
import velnik.server.people.People;
import velnik.server.workingcopy.History;

/** Tells a person what was done to the site in other windows, by others or by themselves. */
@Component
class Elsewhere {
    private final People people;

    Elsewhere(People people) {
        this.people = people;
    }

    /** @param edits oldest first */
    List<String> told(List<History.Recent> edits, String to) {
        if (edits.isEmpty()) {
            return List.of();
        }
        History.Recent last = edits.getLast();
        String who = last.person().equals(to) ? "In another window" : people.displayName(last.person());
        String sentence = who + ": " + last.sentence();
        return edits.size() == 1 ? List.of(sentence) : List.of(edits.size() + " edits came from elsewhere.", sentence);
    }
}
