package velnik.core.change;

import java.util.List;
import velnik.core.site.PageId;

/** What can be done at once about something that comes of a change. */
public sealed interface Remedy {

    /** Pages are opened that are the reason why nobody gets something, or nothing shows it by itself. */
    record Open(List<PageId> pages) implements Remedy {
        public Open {
            pages = List.copyOf(pages);
        }
    }

    /** The subpages of pages come to stand right after them, so that they are not withheld with them. */
    record MoveUp(List<PageId> pages) implements Remedy {
        public MoveUp {
            pages = List.copyOf(pages);
        }
    }
}
