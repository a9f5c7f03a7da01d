package velnik.core.sample;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.outline.Place;
import velnik.core.site.Limits;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** Makes sites of any size. The same seed and size give the same site. */
public final class SiteGenerator {
    private static final List<String> WORDS = List.of(
            "Tide", "Mooring", "Keel", "Harbour", "Rope", "Lantern", "Slip", "Anchor", "Sail", "Varnish", "Oar",
            "Creek", "Buoy", "Chart", "Ledger", "Pontoon", "Rigging", "Tiller", "Channel", "Winter", "Spring",
            "Morning");
    private static final int TOP_PAGES = 9;

    private SiteGenerator() {}

    /** A begun site without pages. */
    public static Site begun() {
        return applied(
                Site.bare(),
                new Change.BeginSite(
                        "Brackwater Boatyard",
                        "https://brackwater.example",
                        ZoneId.of("Europe/London"),
                        new MenuRowId("main"),
                        new MenuRowId("main-list")));
    }

    public static Site site(long seed, int pages) {
        return applied(begun(), pages(seed, pages));
    }

    /** The change that adds so many pages: a few at the top, the rest anywhere beneath, down to the deepest level. */
    public static Change.AddPages pages(long seed, int count) {
        Random random = new Random(seed);
        List<Change.NewPage> pages = new ArrayList<>(count);
        List<Integer> levels = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            @Nullable PageId parent = null;
            int level = 1;
            if (i >= TOP_PAGES) {
                int above = random.nextInt(i);
                while (levels.get(above) == Limits.LEVELS) {
                    above = random.nextInt(i);
                }
                parent = pages.get(above).id();
                level = levels.get(above) + 1;
            }
            levels.add(level);
            pages.add(Change.NewPage.open(id(i), Place.firstUnder(parent), title(random, i)));
        }
        return new Change.AddPages(pages);
    }

    public static PageId id(int number) {
        return new PageId("page-" + number);
    }

    private static String title(Random random, int number) {
        return WORDS.get(random.nextInt(WORDS.size())) + " "
                + WORDS.get(random.nextInt(WORDS.size())).toLowerCase(Locale.ROOT) + " " + number;
    }

    private static Site applied(Site site, Change change) {
        return switch (Changes.apply(site, change, Circumstances.NOBODY)) {
            case Outcome.Applied applied -> applied.site();
            case Outcome.Refused refused ->
                throw new IllegalStateException(refused.why().sentence());
        };
    }
}
