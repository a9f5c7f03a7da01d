package velnik.core.forwarding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * That a page gets another address, or none.
 *
 * @param to null where the page goes
 */
public record AddressChange(
        PageId page, String from, @Nullable String to) {

    /** Those that visitors know, in the order of the tree before. O(pages). */
    public static List<AddressChange> between(Site before, Site after) {
        List<AddressChange> changes = new ArrayList<>();
        if (before.pages() == after.pages()) {
            return changes;
        }
        Map<PageId, String> known = Releasing.known(before);
        for (Branch<PageId, Page> row : before.pages().walk()) {
            String from = known.get(row.id());
            if (from != null && before.published().containsKey(row.id())) {
                String to = after.pages().contains(row.id()) ? Addresses.of(after, row.id()) : null;
                if (!from.equals(to)) {
                    changes.add(new AddressChange(row.id(), from, to));
                }
            }
        }
        return changes;
    }
}
