package velnik.core.address;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * The addresses of a site's pages. An address is the slugs from the top of the tree joined by {@code /}, with a {@code
 * /} before them; the home page's own is {@code /}, while its slug stays in the addresses beneath it.
 *
 * <p>No two siblings share a slug, so no two pages share an address. Nothing is stored: an address is joined when it is
 * asked for, in O(levels).
 */
public final class Addresses {
    private Addresses() {}

    /** @throws java.util.NoSuchElementException when the site has no such page */
    public static String of(Site site, PageId page) {
        return site.isHome(page) ? "/" : above(site, page);
    }

    /** What the addresses of the pages beneath one begin with: its own, but for the home page. */
    public static String above(Site site, PageId page) {
        StringBuilder address = new StringBuilder();
        for (Branch<PageId, Page> step : site.pages().pathTo(page)) {
            address.append('/').append(step.value().slug());
        }
        return address.toString();
    }

    /** The page at an address, without regard to case or a final slash. O(levels × siblings). */
    public static Optional<PageId> find(Site site, String address) {
        String path = canonical(address);
        if (path.equals("/")) {
            return Optional.ofNullable(site.home());
        }
        List<Branch<PageId, Page>> siblings = site.pages().top();
        @Nullable Branch<PageId, Page> found = null;
        for (String slug : path.substring(1).split("/", -1)) {
            found = siblings.stream()
                    .filter(branch -> branch.value().slug().equals(slug))
                    .findFirst()
                    .orElse(null);
            if (found == null) {
                return Optional.empty();
            }
            siblings = found.children();
        }
        return Optional.ofNullable(found).map(Branch::id).filter(page -> !site.isHome(page));
    }

    /** The one form of an address: small letters, no final slash. */
    public static String canonical(String address) {
        String lower = address.toLowerCase(Locale.ROOT);
        return lower.length() > 1 && lower.endsWith("/") ? lower.substring(0, lower.length() - 1) : lower;
    }

    /** The slugs that more than one page right under this parent has; none, where the site is sound. O(siblings). */
    public static Set<String> shared(Site site, @Nullable PageId parent) {
        Set<String> seen = new HashSet<>();
        Set<String> shared = new HashSet<>();
        for (Branch<PageId, Page> sibling : site.pages().childrenOf(parent)) {
            String slug = sibling.value().slug();
            if (!seen.add(slug)) {
                shared.add(slug);
            }
        }
        return shared;
    }
}
