package velnik.core.forwarding;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.site.Forward;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * Where each address of a site leads that no page has. A forward leads to a page, or to a topic, and not to an address, so
 * however often that moves, one step gets there.
 */
public final class Forwarding {
    private static final Forward.Target GONE = new Forward.Target.Gone();

    private final Site site;
    private final Map<Forward.Source, Forward.Target> targets = new HashMap<>();
    /** Once one is asked for. */
    private @Nullable Set<String> topics;

    private Forwarding(Site site) {
        this.site = site;
        site.forwards().forEach(forward -> targets.put(forward.from(), forward.to()));
    }

    /** Costs O(forwards written by hand); what visitors knew is looked up as it is. */
    public static Forwarding of(Site site) {
        return new Forwarding(site);
    }

    /**
     * Where an address leads, whether or not a page has it: what the owner wrote for it, else to the page or the listing that
     * visitors knew by it last, else what the owner wrote for everything beneath one of its beginnings, the longest first. O(levels).
     *
     * @return to a page of the site, an address elsewhere, or gone; empty where nothing was ever there
     */
    public Optional<Forward.Target> at(String address) {
        String path = Addresses.canonical(address);
        return exactly(path).or(() -> beneath(path).map(this::settled));
    }

    /** As far as it is about this very address, in its one form. */
    Optional<Forward.Target> exactly(String path) {
        return Optional.ofNullable(targets.get(new Forward.Source.At(path)))
                .or(() -> Optional.ofNullable(site.past().addresses().get(path)).map(Forward.Target.ToPage::new))
                .or(() -> Optional.ofNullable(site.past().listings().get(path)).map(Forward.Target.ToTopic::new))
                .map(this::settled);
    }

    private Optional<Forward.Target> beneath(String path) {
        for (String start = path; !start.isEmpty(); start = start.substring(0, start.lastIndexOf('/'))) {
            Forward.Target target = targets.get(new Forward.Source.Beneath(start));
            if (target != null) {
                return Optional.of(target);
            }
        }
        return Optional.empty();
    }

    /** What is removed leads on to what was put in its place, as far as that is there. */
    private Forward.Target settled(Forward.Target target) {
        Set<Forward.Source> met = new HashSet<>();
        Forward.@Nullable Target at = target;
        Optional<Forward.Source> onward = onward(target);
        while (onward.isPresent()) {
            at = met.add(onward.get()) ? targets.get(onward.get()) : null;
            onward = at == null ? Optional.empty() : onward(at);
        }
        return at == null ? GONE : at;
    }

    /** What a topic is called by now that may have been renamed; itself where it is there, or gone. */
    public String presently(String topic) {
        return settled(new Forward.Target.ToTopic(topic)) instanceof Forward.Target.ToTopic(String name) ? name : topic;
    }

    /** Where to look further for a target that is no more; empty where it is there. */
    private Optional<Forward.Source> onward(Forward.Target target) {
        return switch (target) {
            case Forward.Target.ToPage(PageId page)
            when !site.pages().contains(page) -> Optional.of(new Forward.Source.OfRemoved(page));
            case Forward.Target.ToTopic(String topic)
            when !topics().contains(topic) -> Optional.of(new Forward.Source.OfTopic(topic));
            default -> Optional.empty();
        };
    }

    private Set<String> topics() {
        if (topics == null) {
            topics = site.topics();
        }
        return topics;
    }
}
