package velnik.core.soundness;

import static java.util.stream.Collectors.toSet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import velnik.core.draft.MenuChecks;
import velnik.core.explanation.Labels;
import velnik.core.explanation.Words;
import velnik.core.outline.Branch;
import velnik.core.site.FileId;
import velnik.core.site.Forward;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.core.text.Messages;

/**
 * What of a site refers to something that is not there. Removing leaves it so, and the editor says it where it stands;
 * in a site that somebody else wrote down it is seldom meant.
 */
public final class LooseEnds {
    /** Names in a sentence; the rest is counted. */
    private static final int NAMED = 5;

    private static final Messages WORDS = Messages.of(LooseEnds.class);

    private final Site site;
    private final Set<FileId> files;

    private LooseEnds(Site site) {
        this.site = site;
        this.files = site.files().stream().map(SiteFile::id).collect(toSet());
    }

    /**
     * A sentence for each kind of them, with how many there are; empty where everything is there.
     *
     * <p>O(pages + rows of menus + assignments + forwards).
     */
    public static List<String> of(Site site) {
        LooseEnds ends = new LooseEnds(site);
        List<String> sentences = new ArrayList<>();
        tell("items", ends.items(), sentences);
        tell("zones", ends.zones(), sentences);
        tell("pictures", ends.pictures(), sentences);
        tell("forwards", ends.forwards(), sentences);
        return List.copyOf(sentences);
    }

    private static void tell(String key, List<String> names, List<String> sentences) {
        if (!names.isEmpty()) {
            sentences.add(WORDS.say(key, WORDS.few(names, NAMED)));
        }
    }

    private List<String> items() {
        List<String> names = new ArrayList<>();
        for (Branch<MenuRowId, MenuRow> row : site.menus().walk()) {
            if (row.value() instanceof MenuRow.Item item && !leads(item.kind())) {
                names.add(WORDS.say(
                        "item",
                        Map.of("item", Labels.of(site, item), "menu", MenuChecks.nameOf(site, site.menuOf(row.id())))));
            }
        }
        return names;
    }

    private boolean leads(ItemKind kind) {
        return switch (kind) {
            case ItemKind.ToPage(PageId page, int carries) -> isThere(page);
            case ItemKind.ToPlace(PageId page, String name) -> isThere(page);
            case ItemKind.Block.FormOf(PageId page) -> isThere(page);
            case ItemKind.Block.SummaryOf(PageId page) -> isThere(page);
            case ItemKind.PageList list -> !(list.source() instanceof ListSource.Under(PageId page)) || isThere(page);
            case ItemKind.OtherMenu(MenuRowId menu) -> site.menus().contains(menu);
            case ItemKind.ToFile(FileId file) -> files.contains(file);
            case ItemKind.Block.Picture(FileId file, ItemKind.Block.Side side) -> files.contains(file);
            default -> true;
        };
    }

    private boolean isThere(PageId page) {
        return site.pages().contains(page);
    }

    private List<String> zones() {
        return site.assignments().stream()
                .filter(assignment -> assignment.menus().stream()
                        .anyMatch(placed -> !site.menus().contains(placed.menu())))
                .map(assignment -> Words.zone(assignment.zone()))
                .distinct()
                .toList();
    }

    private List<String> pictures() {
        return site.pages().walk().stream()
                .filter(page -> page.value().picture() != null
                        && !files.contains(page.value().picture()))
                .map(page -> page.value().title())
                .toList();
    }

    private List<String> forwards() {
        return site.forwards().stream()
                .filter(forward -> forward.to() instanceof Forward.Target.ToPage(PageId page) && !isThere(page))
                .map(forward -> forward.from().word())
                .toList();
    }
}
