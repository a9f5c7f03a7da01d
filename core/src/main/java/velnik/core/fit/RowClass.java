package velnik.core.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;

/**
 * A row that is the same on some pages: of one menu in one zone, with the same items and the same room.
 *
 * @param pages where it stands, in the order of the page tree
 */
public record RowClass(RowFit fit, List<PageId> pages) {

    /**
     * All rows of a site, on the pages that visitors can get: those of the first pages first. Costs O(pages × zones), and
     * the letters of each row that differs.
     *
     * @param navigation of the site
     */
    public static List<RowClass> of(Site site, SiteNavigation navigation) {
        Map<RowFit.Standing, RowClass> standing = new HashMap<>();
        Map<Object, RowClass> classes = new LinkedHashMap<>();
        for (Branch<PageId, Page> page : site.pages().walk()) {
            if (page.value().kind() != PageKind.GROUP
                    && Access.of(site, page.id(), navigation.openings()).isGettable()) {
                for (RowFit.Standing row : RowFit.across(site, navigation.unmarked(page.id()))) {
                    standing.computeIfAbsent(row, any -> ofItsKind(row.fit(site), classes))
                            .pages
                            .add(page.id());
                }
            }
        }
        return classes.values().stream()
                .map(row -> new RowClass(row.fit, List.copyOf(row.pages)))
                .toList();
    }

    private static RowClass ofItsKind(RowFit fit, Map<Object, RowClass> classes) {
        return classes.computeIfAbsent(fit.likeness(), any -> new RowClass(fit, new ArrayList<>()));
    }
}
