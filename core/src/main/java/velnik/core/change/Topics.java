package velnik.core.change;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import velnik.core.site.Limits;
import velnik.core.site.Site;

/** Which topics pages have. */
final class Topics {
    private Topics() {}

    static Optional<Refusal> make(Draft draft, Change.SetTopics set) {
        Set<String> known = known(draft.site());
        Set<String> added = new HashSet<>();
        for (String typed : set.add()) {
            String topic = Titling.cleaned(typed);
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

    private static Set<String> known(Site site) {
        Set<String> known = new HashSet<>();
        site.pages().walk().forEach(row -> known.addAll(row.value().topics()));
        return known;
    }
}
