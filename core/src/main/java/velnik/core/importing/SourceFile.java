package velnik.core.importing;

import java.util.Locale;

/**
 * A file as somebody gave it.
 *
 * @param name with folders, parted by {@code /}
 * @param text see {@link Decoding}
 */
public record SourceFile(String name, String text) {
    private static final String MARK = "\uFEFF";

    public SourceFile {
        text = text.startsWith(MARK) ? text.substring(1) : text;
    }

    /** What comes after the last point of its name, in small letters; empty without one. */
    String ending() {
        int dot = name.lastIndexOf('.');
        return dot <= name.lastIndexOf('/') ? "" : name.substring(dot + 1).toLowerCase(Locale.ROOT);
    }

    /** Its name without folders and ending. */
    String stem() {
        String last = name.substring(name.lastIndexOf('/') + 1);
        int dot = last.lastIndexOf('.');
        return dot <= 0 ? last : last.substring(0, dot);
    }
}
