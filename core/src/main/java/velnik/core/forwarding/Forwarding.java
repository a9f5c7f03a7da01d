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
 * Where each address of a site leads that no page has. A forward leads to a page and not to an address, so however often
 * the page moves, one step gets there.
 */
public final class Forwarding {
    private static final Forward.Target GONE = new Forward.Target.Gone();

    private final Site site;
    private final Map<Forward.Source, Forward.Target> targets = new HashMap<>();

    private Forwarding(Site site) {
        this.site = site;
        site.forwards().forEach(forward -> targets.put(forward.from(), forward.to()));
    }

    /** Costs O(forwards written by hand); what visitors knew is looked up as it is. */
    public static Forwarding of(Site site) {
        return new Forwarding(site);
    }

    /**
     * Where an address leads, whether or not a page has it: what the owner wrote for it, else to the page that visitors
     * knew by it last, else what the owner wrote for everything beneath one of its beginnings, the longest first. O(levels).
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

    /** A page that is removed leads on to what was put in its place, as far as that is there. */
    private Forward.Target settled(Forward.Target target) {
        Set<PageId> met = new HashSet<>();
        Forward.@Nullable Target at = target;
        while (at instanceof Forward.Target.ToPage(PageId page) && !site.pages().contains(page)) {
            at = met.add(page) ? targets.get(new Forward.Source.OfRemoved(page)) : null;
        }
        return at == null ? GONE : at;
    }
}
