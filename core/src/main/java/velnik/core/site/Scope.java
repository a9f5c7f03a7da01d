package velnik.core.site;

/** The pages an assignment is for. */
public sealed interface Scope {

    /** All pages of the site. */
    record Everywhere() implements Scope {}
}
