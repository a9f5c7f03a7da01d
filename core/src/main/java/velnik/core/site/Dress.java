package velnik.core.site;

/**
 * What the owner gave to one row of a list.
 *
 * @param label empty to follow the page's title
 */
public record Dress(String label, Appearance appearance) {
    public static final Dress NONE = new Dress("", Appearance.PLAIN);

    public Dress {
        if (label.length() > Limits.TITLE) {
            throw new IllegalArgumentException("a label has at most " + Limits.TITLE + " characters: " + label);
        }
    }
}
