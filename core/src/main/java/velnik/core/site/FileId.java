package velnik.core.site;

import java.util.Optional;

/** Tells one file from all others, for ever, whatever it is replaced by. */
public record FileId(String value) {

    public FileId {
        Ids.checked(value);
    }

    /** Of a text from elsewhere; empty where no id looks like it. */
    public static Optional<FileId> of(String text) {
        return Ids.fits(text) ? Optional.of(new FileId(text)) : Optional.empty();
    }

    @Override
    public String toString() {
        return value;
    }
}
