package velnik.core.forwarding;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.listing.TopicListings;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Forward;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** Every address that the site has, had, or forwards: what it answers now, and what it will once all is published. */
public final class AddressBook {
    private AddressBook() {}

    /** What an address answers. */
    public sealed interface Answer {
        /** A page is there. */
        record Shows(PageId page) implements Answer {}

        /** A page is there, or it leads to one, that visitors cannot get. */
        record Withheld(PageId page) implements Answer {}

        /** The listing of a topic is there. */
        record Lists(String topic) implements Answer {}

        record LeadsTo(PageId page) implements Answer {}

        record LeadsToListing(String topic) implements Answer {}

        record LeadsOut(String address) implements Answer {}

        /** That what was there is gone. */
        record Gone() implements Answer {}

        /** That nothing is there. */
        record Nothing() implements Answer {}
    }

    /**
     * @param address in its one form; for {@code beneath}, what all that is meant begins with
     * @param wasPublic whether visitors know a page by it, or did
     * @param byHand the forward that the owner wrote for it
     */
    public record Row(
            String address, boolean beneath, Answer now, Answer next, boolean wasPublic, Optional<Forward> byHand) {
        public boolean changes() {
            return !now.equals(next);
        }
    }

    /**
     * In the order of the addresses. O(pages of both + addresses ever known).
     *
     * @param live what visitors see
     */
    public static List<Row> of(Site live, Site working, Instant now) {
        Site next = Releasing.released(live, working, now);
        Side before = new Side(live.withPast(working.past()), now);
        Side after = new Side(next, now);
        SortedSet<String> addresses = new TreeSet<>(before.shown());
        addresses.addAll(after.shown());
        addresses.addAll(next.past().addresses().keySet());
        addresses.addAll(next.past().listings().keySet());
        SortedSet<String> beneath = new TreeSet<>();
        for (Site site : List.of(live, working)) {
            for (Forward forward : site.forwards()) {
                switch (forward.from()) {
                    case Forward.Source.At(String address) -> addresses.add(address);
                    case Forward.Source.Beneath(String address) -> beneath.add(address);
                    case Forward.Source.OfRemoved removed -> {}
                    case Forward.Source.OfTopic topic -> {}
                }
            }
        }
        Map<Forward.Source, Forward> then = live.forwardsBySource();
        Map<Forward.Source, Forward> written = working.forwardsBySource();
        List<Row> rows = new ArrayList<>();
        for (String address : addresses) {
            Optional<Forward> byHand = Optional.ofNullable(written.get(new Forward.Source.At(address)));
            rows.add(new Row(address, false, before.at(address), after.at(address), before.isKnown(address), byHand));
        }
        for (String address : beneath) {
            Forward.Source all = new Forward.Source.Beneath(address);
            Optional<Forward> byHand = Optional.ofNullable(written.get(all));
            Answer led = before.led(Optional.ofNullable(then.get(all)).map(Forward::to));
            rows.add(new Row(address, true, led, after.led(byHand.map(Forward::to)), false, byHand));
        }
        return rows;
    }

    /** The site at one time. */
    private static final class Side {
        private final Site site;
        private final Openings openings;
        private final Forwarding forwarding;
        private final Map<String, PageId> pages = new HashMap<>();
        private final TopicListings listings;

        Side(Site site, Instant now) {
            this.site = site;
            this.openings = Openings.at(site, now);
            this.forwarding = Forwarding.of(site);
            this.listings = TopicListings.of(site, openings, Visitor.MEMBER);
            collect(site.pages().top(), "");
        }

        private void collect(List<Branch<PageId, Page>> rows, String above) {
            for (Branch<PageId, Page> row : rows) {
                String path = above + "/" + row.value().slug();
                pages.put(site.isHome(row.id()) ? "/" : path, row.id());
                collect(row.children(), path);
            }
        }

        /** Every address of a page, and of a listing that somebody gets. */
        Set<String> shown() {
            Set<String> shown = new HashSet<>(pages.keySet());
            listings.all().forEach(listing -> shown.add(listing.address()));
            return shown;
        }

        Answer at(String address) {
            @Nullable PageId page = pages.get(address);
            if (page != null && isGot(page)) {
                return new Answer.Shows(page);
            }
            Optional<TopicListings.Listing> listing = listings.at(address);
            if (page == null && listing.isPresent()) {
                return new Answer.Lists(listing.get().topic());
            }
            Answer led = led(forwarding.at(address));
            boolean leads = led instanceof Answer.LeadsTo
                    || led instanceof Answer.LeadsToListing
                    || led instanceof Answer.LeadsOut;
            return page == null || leads ? led : new Answer.Withheld(page);
        }

        Answer led(Optional<Forward.Target> target) {
            return target.<Answer>map(to -> switch (to) {
                        case Forward.Target.ToPage(PageId page) ->
                            !site.pages().contains(page)
                                    ? new Answer.Gone()
                                    : isGot(page) ? new Answer.LeadsTo(page) : new Answer.Withheld(page);
                        case Forward.Target.ToTopic(String topic) ->
                            listings.of(topic).isPresent()
                                    ? new Answer.LeadsToListing(topic)
                                    : site.topics().contains(topic) ? new Answer.Nothing() : new Answer.Gone();
                        case Forward.Target.Outside(String address) -> new Answer.LeadsOut(address);
                        case Forward.Target.Gone gone -> new Answer.Gone();
                    })
                    .orElseGet(Answer.Nothing::new);
        }

        private boolean isGot(PageId page) {
            return Access.of(site, page, openings).isGettable() || Access.isAnnounced(site, page, openings);
        }

        boolean isKnown(String address) {
            @Nullable PageId page = pages.get(address);
            return site.past().addresses().containsKey(address)
                    || site.past().listings().containsKey(address)
                    || listings.at(address).isPresent()
                    || page != null && isGot(page);
        }
    }

    /** Every address but its own that leads to a page, in order. O(addresses ever known). */
    public static List<String> leadingTo(Site site, PageId page) {
        SortedSet<String> leading = new TreeSet<>();
        String own = Addresses.of(site, page);
        site.past().addresses().forEach((address, known) -> {
            if (known.equals(page) && !address.equals(own)) {
                leading.add(address);
            }
        });
        Forward.Target here = new Forward.Target.ToPage(page);
        for (Forward forward : site.forwards()) {
            if (forward.to().equals(here)) {
                switch (forward.from()) {
                    case Forward.Source.At(String address) -> leading.add(address);
                    case Forward.Source.Beneath(String address) -> leading.add(address + "/…");
                    case Forward.Source.OfRemoved removed -> {}
                    case Forward.Source.OfTopic topic -> {}
                }
            }
        }
        return List.copyOf(leading);
    }
}
