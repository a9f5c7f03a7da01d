package velnik.core.importing;

import java.util.Set;

/**
 * What somebody chose before files are read in.
 *
 * @param without keys of rows that are left out
 */
public record ImportChoices(Destination destination, Matching matching, Set<String> without) {
    public ImportChoices {
        without = Set.copyOf(without);
    }

    /** By what a page of a file is taken for a page of the site, which is changed then. */
    public enum Matching {
        /**
         * By the id that a table of this site gives it, else by its address. Pages of a table that says of none where it
         * is are taken by their titles, wherever they are, as long as it does not go under one page.
         */
        ADDRESS,
        /** By its title, where only one page has it. */
        TITLE,
        /** By nothing: all are new. */
        NOTHING
    }
}
