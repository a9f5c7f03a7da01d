package velnik.core.importing;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.text.Latin;

/** Which page of a site a page of a file is taken for; each at most once. */
final class PageMatches {
    private final Site site;
    private final ImportChoices.Matching matching;
    private final Map<String, PageId> byAddress = new HashMap<>();
    private final Map<String, Optional<PageId>> byTitle = new HashMap<>();
    private final Set<PageId> taken = new HashSet<>();

    PageMatches(Site site, ImportChoices.Matching matching) {
        this.site = site;
        this.matching = matching;
        collect(site.pages().top(), "");
    }

    private void collect(Iterable<Branch<PageId, Page>> branches, String above) {
        for (Branch<PageId, Page> branch : branches) {
            String address = above + "/" + branch.value().slug();
            byAddress.put(address, branch.id());
            byTitle.merge(Latin.of(branch.value().title()), Optional.of(branch.id()), (one, other) -> Optional.empty());
            collect(branch.children(), address);
        }
    }

    /** What has this address, or begins the addresses of what is beneath it with it. */
    Optional<PageId> at(String address) {
        return Optional.ofNullable(byAddress.get(address));
    }

    /** What is planned for an address is there from now on. */
    void put(String address, PageId page) {
        byAddress.put(address, page);
    }

    /** @param anywhere whether it may be a page in whatever place, where the file gives it none */
    Optional<PageId> of(Found.FoundPage page, String title, String address, boolean anywhere) {
        return switch (matching) {
            case NOTHING -> Optional.empty();
            case TITLE -> titled(title);
            case ADDRESS ->
                byId(page)
                        .or(() -> anywhere && !page.placed() ? titled(title) : Optional.empty())
                        .or(() -> at(address).filter(site.pages()::contains));
        };
    }

    private Optional<PageId> titled(String title) {
        return byTitle.getOrDefault(Latin.of(title), Optional.empty());
    }

    private Optional<PageId> byId(Found.FoundPage page) {
        @Nullable String id = page.said().id();
        return id == null ? Optional.empty() : PageId.of(id).filter(site.pages()::contains);
    }

    /** @return false where it was taken for another already */
    boolean take(PageId page) {
        return taken.add(page);
    }
}
