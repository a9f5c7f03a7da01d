package velnik.server.editing;

import java.util.List;
import velnik.core.change.Remedy;
import velnik.core.site.PageId;

/** What can be done at once about something that was told. */
public record RemedyDto(Kind kind, List<String> pages) {
    /** Names of the core's remedies. */
    public enum Kind {
        /** The pages are opened. */
        OPEN,
        /** The subpages of the pages come to stand right after them. */
        MOVE_UP
    }

    static List<RemedyDto> of(List<Remedy> remedies) {
        return remedies.stream().map(RemedyDto::of).toList();
    }

    private static RemedyDto of(Remedy remedy) {
        return switch (remedy) {
            case Remedy.Open(List<PageId> pages) -> new RemedyDto(Kind.OPEN, ids(pages));
            case Remedy.MoveUp(List<PageId> pages) -> new RemedyDto(Kind.MOVE_UP, ids(pages));
        };
    }

    private static List<String> ids(List<PageId> pages) {
        return pages.stream().map(PageId::value).toList();
    }
}
