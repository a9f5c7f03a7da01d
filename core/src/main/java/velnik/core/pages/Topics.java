package velnik.core.pages;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.site.Limits;
import velnik.core.text.Line;

/** Which topics pages have. */
public final class Topics {
    private Topics() {}

    public static Optional<Refusal> setTopics(Draft draft, Change.SetTopics set) {
        Set<String> known = draft.site().topics();
        Set<String> added = new HashSet<>();
        for (String typed : set.add()) {
            String topic = Line.cleaned(typed);
            if (topic.isEmpty() || topic.length() > Limits.TOPIC) {
                return Optional.of(new Refusal.TopicMalformed(topic.length(), Limits.TOPIC));
            }
            added.add(known.stream().filter(topic::equalsIgnoreCase).findFirst().orElse(topic));
        }
        return Checks.each(draft, set.pages(), page -> {
            Set<String> topics = new HashSet<>(page.topics());
            topics.removeAll(set.remove());
            topics.addAll(added);
            return page.withTopics(topics);
        });
    }
}
