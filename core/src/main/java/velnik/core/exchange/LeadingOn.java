package velnik.core.exchange;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import velnik.core.address.Addresses;
import velnik.core.forwarding.AddressBook;
import velnik.core.listing.TopicListings;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * An address that leads on to another.
 *
 * @param from in its one form
 * @param beneath whether all addresses beneath it are meant, as far as nothing closer says otherwise
 * @param to an address of the site, or one elsewhere with its scheme; empty for gone
 */
public record LeadingOn(String from, boolean beneath, String to) {

    /** All of them, in the order of the addresses, as they are once all is published. Costs what {@link AddressBook} does. */
    public static List<LeadingOn> all(Site live, Site working, Instant now) {
        List<LeadingOn> all = new ArrayList<>();
        for (AddressBook.Row row : AddressBook.of(live, working, now)) {
            to(working, row.next()).ifPresent(to -> all.add(new LeadingOn(row.address(), row.beneath(), to)));
        }
        return all;
    }

    /** The addresses that show something once all is published. Costs what {@link AddressBook} does. */
    public static SortedSet<String> showing(Site live, Site working, Instant now) {
        return AddressBook.of(live, working, now).stream()
                .filter(row -> row.next() instanceof AddressBook.Answer.Shows
                        || row.next() instanceof AddressBook.Answer.Lists)
                .map(AddressBook.Row::address)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Optional<String> to(Site site, AddressBook.Answer answer) {
        return switch (answer) {
            case AddressBook.Answer.LeadsTo(PageId page) -> Optional.of(Addresses.of(site, page));
            case AddressBook.Answer.LeadsToListing(String topic) ->
                Optional.ofNullable(TopicListings.addresses(site).get(topic));
            case AddressBook.Answer.LeadsOut(String address) -> Optional.of(address);
            case AddressBook.Answer.Gone gone -> Optional.of("");
            case AddressBook.Answer.Shows shows -> Optional.empty();
            case AddressBook.Answer.Withheld withheld -> Optional.empty();
            case AddressBook.Answer.Lists lists -> Optional.empty();
            case AddressBook.Answer.Nothing nothing -> Optional.empty();
        };
    }
}
