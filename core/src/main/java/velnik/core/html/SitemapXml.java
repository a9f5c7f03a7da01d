package velnik.core.html;

import java.util.EnumSet;
import java.util.Set;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.listing.TopicListings;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** The site's pages for search engines, as the sitemaps.org protocol 0.9 has it. */
public final class SitemapXml {
    private static final Set<PageKind> KINDS = EnumSet.complementOf(EnumSet.of(PageKind.GROUP, PageKind.NOT_FOUND));

    private SitemapXml() {}

    /**
     * All pages that visitors who are no members can get, and those that say when they open again; without groups, not
     * found and those kept from search engines; then the listings of topics.
     */
    public static String of(Site site, Openings openings, AddressWriter addresses) {
        StringBuilder xml = new StringBuilder("""
                <?xml version="1.0" encoding="UTF-8"?>
                <urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">
                """);
        for (Branch<PageId, Page> row : site.pages().walk()) {
            Page page = row.value();
            if (KINDS.contains(page.kind()) && !page.keptFromSearchEngines() && answers(site, row.id(), openings)) {
                add(xml, addresses.write(Addresses.of(site, row.id())));
            }
        }
        boolean indexed = site.builtIn(PageKind.PAGE_INDEX)
                .filter(index -> !site.pages().get(index).keptFromSearchEngines())
                .isPresent();
        if (indexed) {
            TopicListings.of(site, openings, Visitor.NON_MEMBER)
                    .all()
                    .forEach(listing -> add(xml, addresses.write(listing.address())));
        }
        return xml.append("</urlset>\n").toString();
    }

    /** An address holds nothing that XML would want escaped. */
    private static void add(StringBuilder xml, String address) {
        xml.append("<url><loc>").append(address).append("</loc></url>\n");
    }

    private static boolean answers(Site site, PageId page, Openings openings) {
        Access access = Access.of(site, page, openings);
        return access.isGettableBy(Visitor.NON_MEMBER)
                || access.membersBy() == null && Access.isAnnounced(site, page, openings);
    }
}
