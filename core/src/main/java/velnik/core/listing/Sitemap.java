package velnik.core.listing;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velnik.core.address.Addresses;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** What search engines are told of the site. */
public final class Sitemap {
    private static final Set<PageKind> KINDS = EnumSet.complementOf(EnumSet.of(PageKind.GROUP, PageKind.NOT_FOUND));

    private Sitemap() {}

    /**
     * All pages that visitors who are no members can get, and those that say when they open again; without groups, not
     * found and those kept from search engines; then the listings of topics. Each as this site has it: {@code /hire/canoes}.
     */
    public static List<String> addresses(Site site, Openings openings) {
        List<String> found = new ArrayList<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            Page page = row.value();
            if (KINDS.contains(page.kind()) && !page.keptFromSearchEngines() && answers(site, row.id(), openings)) {
                found.add(Addresses.of(site, row.id()));
            }
        }
        boolean indexed = site.builtIn(PageKind.PAGE_INDEX)
                .filter(index -> !site.pages().get(index).keptFromSearchEngines())
                .isPresent();
        if (indexed) {
            TopicListings.of(site, openings, Visitor.NON_MEMBER).all().forEach(listing -> found.add(listing.address()));
        }
        return found;
    }

    private static boolean answers(Site site, PageId page, Openings openings) {
        Access access = Access.of(site, page, openings);
        return access.isGettableBy(Visitor.NON_MEMBER)
                || access.membersBy() == null && Access.isAnnounced(site, page, openings);
    }
}
