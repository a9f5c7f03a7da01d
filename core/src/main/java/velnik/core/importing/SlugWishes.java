package velnik.core.importing;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.address.Slugs;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * Slugs that a file has for pages that are there. A page may get what another of them leaves, whichever comes first in
 * the file; one that cannot get what it wants keeps what it has, which then no other gets.
 */
final class SlugWishes {
    private final Site site;
    private final Map<@Nullable PageId, List<Wish>> byParent = new LinkedHashMap<>();

    record Wish(PageId page, String from, String to) {}

    record Settled(List<Wish> met, List<Wish> unmet) {}

    SlugWishes(Site site) {
        this.site = site;
    }

    void add(Wish wish) {
        byParent.computeIfAbsent(site.pages().parentOf(wish.page()).orElse(null), any -> new ArrayList<>())
                .add(wish);
    }

    /**
     * Costs O(n) in the wishes and the pages beside theirs.
     *
     * @param added the addresses of pages that are to be added; these have gone before
     */
    Settled settled(Predicate<String> added) {
        Settled settled = new Settled(new ArrayList<>(), new ArrayList<>());
        byParent.forEach((parent, wishes) -> {
            Level level = new Level(site, parent, wishes, added);
            for (Wish wish : wishes) {
                (level.met.containsKey(wish.page()) ? settled.met : settled.unmet).add(wish);
            }
        });
        return settled;
    }

    /** What becomes of the wishes of pages that stand side by side. */
    private static final class Level {
        private final Map<PageId, Wish> met = new HashMap<>();
        private final Map<String, Wish> getting = new HashMap<>();

        Level(Site site, @Nullable PageId parent, List<Wish> wishes, Predicate<String> added) {
            for (Wish wish : wishes) {
                boolean fits = Slugs.isWellFormed(wish.to()) && !(parent == null && Slugs.isReservedAtTop(wish.to()));
                if (fits && getting.putIfAbsent(wish.to(), wish) == null) {
                    met.put(wish.page(), wish);
                }
            }
            Deque<Wish> vain = new ArrayDeque<>();
            String above = parent == null ? "/" : Addresses.above(site, parent) + "/";
            met.values().stream().filter(wish -> added.test(above + wish.to())).forEach(vain::add);
            for (Branch<PageId, Page> page : site.pages().childrenOf(parent)) {
                @Nullable Wish wish = getting.get(page.value().slug());
                if (wish != null && !met.containsKey(page.id())) {
                    vain.add(wish);
                }
            }
            while (!vain.isEmpty()) {
                Wish wish = vain.removeFirst();
                if (met.remove(wish.page()) != null) {
                    getting.remove(wish.to());
                    @Nullable Wish next = getting.get(wish.from());
                    if (next != null) {
                        vain.add(next);
                    }
                }
            }
        }
    }
}
