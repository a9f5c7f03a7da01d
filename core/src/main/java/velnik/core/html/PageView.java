package velnik.core.html;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.navigation.Navigation;
import velnik.core.navigation.NavigationRow;
import velnik.core.site.PageId;
import velnik.core.site.Zone;

/**
 * Everything the page template writes, decided beforehand.
 *
 * @param page null on pages that are not in the tree, such as not found
 * @param canonical the page's absolute address; null where it has none or the site's address is not known
 * @param text safe HTML
 */
public record PageView(
        Frame frame,
        String siteName,
        String homeAddress,
        @Nullable PageId page,
        String title,
        String summary,
        @Nullable String canonical,
        boolean noIndex,
        Navigation navigation,
        List<Step> trail,
        String text,
        List<Link> subpages,
        MenuAddresses addresses) {

    /** A step of the breadcrumb trail; without an address it is words only. */
    public record Step(String title, @Nullable String address) {}

    public record Link(String title, String summary, String address) {}

    /** Writes the address of a row's page. */
    @FunctionalInterface
    public interface MenuAddresses {
        String of(PageId page);
    }

    public String windowTitle() {
        return siteName.isEmpty() || title.equals(siteName) ? title : title + " · " + siteName;
    }

    public @Nullable String pageId() {
        return page == null ? null : page.value();
    }

    public boolean hasMenu() {
        return navigation.in(Zone.HEADER).stream().anyMatch(menu -> !menu.rows().isEmpty());
    }

    public boolean isCurrent(NavigationRow row) {
        return navigation.current().contains(row.key());
    }

    public boolean isInTrail(NavigationRow row) {
        return navigation.trail().contains(row.key());
    }

    public String addressOf(NavigationRow row) {
        return addresses.of(row.page());
    }
}
