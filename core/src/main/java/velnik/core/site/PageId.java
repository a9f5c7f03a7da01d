package velnik.core.site;

import java.util.Optional;

/** Tells one page from all others, for ever. */
public record PageId(String value) {

    public PageId {
        Ids.checked(value);
    }

    /** Of a text from elsewhere; empty where no id looks like it. */
    public static Optional<PageId> of(String text) {
        return Ids.fits(text) ? Optional.of(new PageId(text)) : Optional.empty();
    }

    @Override
    public String toString() {
        return value;
    }
}
