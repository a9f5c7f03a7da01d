package velnik.core.content;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import velnik.core.change.Notice;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** Tells which texts would lose links by a change. */
public final class LostLinks {
    private LostLinks() {}

    /**
     * The pages that visitors can get after it, and whose texts link to one that they can get before it alone.
     * Costs O(pages + links × levels).
     *
     * @param openings of both, at the moment asked about
     */
    public static Optional<Notice> between(Site before, Site after, Openings openings, LinkedTexts texts) {
        List<String> titles = new ArrayList<>();
        for (Branch<PageId, Page> row : after.pages().walk()) {
            boolean loses = texts.pages(after, row.value()).stream()
                    .anyMatch(page -> isGettable(before, page, openings) && !isGettable(after, page, openings));
            if (loses && isGettable(after, row.id(), openings)) {
                titles.add(row.value().title());
            }
        }
        return titles.isEmpty() ? Optional.empty() : Optional.of(new Notice.LinksBecomeWords(titles));
    }

    private static boolean isGettable(Site site, PageId page, Openings openings) {
        return site.pages().contains(page) && Access.of(site, page, openings).isGettable();
    }
}
