package velnik.core.change;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.site.LayoutId;
import velnik.core.site.PageId;

/** One edit of how pages are sorted: of their layouts and topics. */
public sealed interface SortingChange extends Change
        permits SortingChange.SetLayout,
                SortingChange.AddLayout,
                SortingChange.RenameLayout,
                SortingChange.RemoveLayout,
                SortingChange.SetTopics,
                SortingChange.SortPages,
                SortingChange.RenameTopic,
                SortingChange.RemoveTopic {

    record SetLayout(List<PageId> pages, LayoutId layout) implements SortingChange {
        public SetLayout {
            pages = List.copyOf(pages);
        }
    }

    /**
     * Names a layout, which begins as another: with its frame, and with what zones show for its pages.
     *
     * @param id names it for ever
     */
    record AddLayout(LayoutId id, String name, LayoutId like) implements SortingChange {}

    record RenameLayout(LayoutId layout, String name) implements SortingChange {}

    /** @param instead the layout that its pages get */
    record RemoveLayout(LayoutId layout, LayoutId instead) implements SortingChange {}

    /** Gives pages topics and takes others from them. A topic that the site knows keeps the spelling it has. */
    record SetTopics(List<PageId> pages, Set<String> add, Set<String> remove) implements SortingChange {
        public SetTopics {
            pages = List.copyOf(pages);
            add = Set.copyOf(add);
            remove = Set.copyOf(remove);
        }
    }

    /** Gives many pages topics and dates of their own, as {@link SetTopics} and {@link Change.SetDate} would. */
    record SortPages(List<PageSorting> pages) implements SortingChange {
        public SortPages {
            pages = List.copyOf(pages);
        }
    }

    /** @param date null where it stays as it is */
    record PageSorting(
            PageId page,
            Set<String> add,
            Set<String> remove,
            @Nullable LocalDate date) {
        public PageSorting {
            add = Set.copyOf(add);
            remove = Set.copyOf(remove);
        }
    }

    /**
     * Calls a topic another way wherever it is named; one that has that name already takes its pages in. The address of
     * its listing leads on.
     */
    record RenameTopic(String topic, String name) implements SortingChange {}

    /** Takes a topic from every page; its listing is gone. */
    record RemoveTopic(String topic) implements SortingChange {}
}
