package velnik.core.bin;

import java.util.Optional;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.compare.Difference;
import velnik.core.draft.Draft;
import velnik.core.site.Removal;
import velnik.core.site.Site;

/** Makes a site as it was when it was published. */
public final class BringingBack {
    private BringingBack() {}

    /** What makes one site another that was published: all but the bin, which is part of no release. */
    public static Difference difference(Site site, Site released) {
        return Difference.between(site, released.withBin(site.bin()).withPast(site.past()));
    }

    public static Optional<Refusal> bringBack(Draft draft, Change.BringBack back) {
        Site site = back.difference().applyTo(draft.site());
        // What is there again does not lie in the bin.
        draft.become(site.withBin(
                site.bin().stream().filter(removal -> !isBack(site, removal)).toList()));
        site.pages().top().forEach(page -> draft.addressed(page.id()));
        return Optional.empty();
    }

    private static boolean isBack(Site site, Removal removal) {
        return removal.pages().stream()
                        .flatMap(part -> part.rows().stream())
                        .anyMatch(row -> site.pages().contains(row.id()))
                || removal.rows().stream()
                        .flatMap(part -> part.rows().stream())
                        .anyMatch(row -> site.menus().contains(row.id()));
    }
}
