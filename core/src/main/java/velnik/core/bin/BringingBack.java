package velnik.core.bin;

import java.util.Optional;
import velnik.core.change.Refusal;
import velnik.core.compare.Difference;
import velnik.core.draft.Draft;
import velnik.core.site.Removal;
import velnik.core.site.Site;

/** Makes a site as it was at another time, or at another place. */
public final class BringingBack {
    private BringingBack() {}

    /** What makes one site another: all but the bin and the past, which are part of no release and of no file. */
    public static Difference difference(Site site, Site other) {
        return Difference.between(site, other.withBin(site.bin()).withPast(site.past()));
    }

    public static Optional<Refusal> bringBack(Draft draft, Difference difference) {
        Site site = difference.applyTo(draft.site());
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
