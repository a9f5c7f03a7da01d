package velnik.core.site;

/** A kind of page, which decides the frame around its text and can be the scope of an assignment. */
public enum Layout {
    STANDARD,
    /** The text takes the whole width. */
    WIDE,
    /** A page to arrive at from outside, with little around it. */
    LANDING
}
