package velnik.core.files;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;
import velnik.core.content.LinkedTexts;
import velnik.core.outline.Branch;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * What uses a file.
 *
 * @param pages that have it as their picture or name it in their texts, in the order of the tree
 * @param rows of menus that lead to it or show it, in the order of the menus
 * @param logo whether it is the logo of the business
 */
public record FileUses(List<PageId> pages, List<RowUse> rows, boolean logo) {
    /** @param page whose row in a list it is; null for an item */
    public record RowUse(MenuRowId item, @Nullable PageId page) {}

    public static final FileUses NONE = new FileUses(List.of(), List.of(), false);

    public boolean isNone() {
        return equals(NONE);
    }

    /** The files that a page has as its picture or names in its text; some may be gone. */
    public static Set<FileId> named(Site site, Page page, LinkedTexts texts) {
        Set<FileId> named = new LinkedHashSet<>(texts.files(site, page));
        if (page.picture() != null) {
            named.add(page.picture());
        }
        return named;
    }

    private static void named(MenuRowId id, MenuRow.Item item, BiConsumer<FileId, RowUse> found) {
        Set<FileId> named = new HashSet<>();
        if (item.appearance().picture() != null) {
            named.add(item.appearance().picture());
        }
        switch (item.kind()) {
            case ItemKind.ToFile(FileId file) -> named.add(file);
            case ItemKind.Block.Picture(FileId file, ItemKind.Block.Side side) -> named.add(file);
            case ItemKind.PageList list ->
                list.dressed().forEach((page, dress) -> {
                    if (dress.appearance().picture() != null) {
                        found.accept(dress.appearance().picture(), new RowUse(id, page));
                    }
                });
            default -> {} // names none
        }
        named.forEach(file -> found.accept(file, new RowUse(id, null)));
    }

    /** Of each file that is used, or was removed while it was. Costs O(pages + links in texts + items). */
    public static Map<FileId, FileUses> of(Site site, LinkedTexts texts) {
        Map<FileId, List<PageId>> pages = new HashMap<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            named(site, row.value(), texts)
                    .forEach(file -> pages.computeIfAbsent(file, none -> new ArrayList<>())
                            .add(row.id()));
        }
        Map<FileId, List<RowUse>> rows = new HashMap<>();
        for (Branch<MenuRowId, MenuRow> row : site.menus().walk()) {
            if (row.value() instanceof MenuRow.Item item) {
                named(
                        row.id(),
                        item,
                        (file, use) -> rows.computeIfAbsent(file, none -> new ArrayList<>())
                                .add(use));
            }
        }
        Map<FileId, FileUses> uses = new HashMap<>();
        pages.forEach((file, all) -> uses.put(file, new FileUses(all, List.of(), false)));
        rows.forEach((file, all) -> uses.merge(
                file,
                new FileUses(List.of(), all, false),
                (one, other) -> new FileUses(one.pages(), other.rows(), false)));
        FileId logo = site.details().logo();
        if (logo != null) {
            uses.merge(
                    logo,
                    new FileUses(List.of(), List.of(), true),
                    (one, other) -> new FileUses(one.pages(), one.rows(), true));
        }
        return uses;
    }
}
