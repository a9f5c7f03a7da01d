package velnik.core.address;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velnik.core.site.PageId;

/**
 * Which slugs are taken right under which parent, for a change that gives many pages their slugs one after another. A
 * parent's pages are read once; after that an answer costs O(1), also where many pages want the same slug.
 */
public final class TakenSlugs {
    private final Function<@Nullable PageId, Map<PageId, String>> slugsUnder;
    private final Map<@Nullable PageId, Level> levels = new HashMap<>();

    /** The pages right under one parent. */
    private static final class Level {
        private final Map<String, PageId> holders = new HashMap<>();
        /** From which number on a wanted slug may be free with it; lower ones are taken. */
        private final Map<String, Integer> numbers = new HashMap<>();
    }

    /** @param slugsUnder the slugs of the pages right under a parent as the change begins; null is the top level */
    public TakenSlugs(Function<@Nullable PageId, Map<PageId, String>> slugsUnder) {
        this.slugsUnder = slugsUnder;
    }

    private Level level(@Nullable PageId parent) {
        Level known = levels.get(parent);
        if (known == null) {
            known = new Level();
            for (Map.Entry<PageId, String> page : slugsUnder.apply(parent).entrySet()) {
                known.holders.put(page.getValue(), page.getKey());
            }
            levels.put(parent, known);
        }
        return known;
    }

    /** The page right under a parent that has a slug. */
    public Optional<PageId> findHolder(@Nullable PageId parent, String slug) {
        return Optional.ofNullable(level(parent).holders.get(slug));
    }

    /** The wanted slug, or with "-2", "-3", … where it is taken or reserved. */
    public String free(@Nullable PageId parent, String wanted) {
        Level level = level(parent);
        int from = level.numbers.getOrDefault(wanted, 1);
        Slugs.Numbered free = Slugs.firstFree(
                wanted,
                from,
                slug -> (parent == null && Slugs.isReservedAtTop(slug)) || level.holders.containsKey(slug));
        level.numbers.put(wanted, free.number());
        return free.slug();
    }

    public void take(@Nullable PageId parent, String slug, PageId page) {
        level(parent).holders.put(slug, page);
    }

    /** Lets a slug go that the page has; another may have taken it meanwhile. */
    public void release(@Nullable PageId parent, String slug, PageId page) {
        Level level = level(parent);
        if (level.holders.remove(slug, page)) {
            level.numbers.clear();
        }
    }
}
