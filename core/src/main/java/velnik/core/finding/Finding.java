package velnik.core.finding;

import velnik.core.site.PageId;

/** Something noticed about a page. */
public record Finding(PageId page, Level level, Reason reason) {

    /** The most pressing first. */
    public enum Level {
        /** Visitors get something broken. */
        PROBLEM,
        /** Visitors get other than what the owner seems to want. */
        WARNING,
        /** Visitors could be served better. */
        HINT
    }
}
