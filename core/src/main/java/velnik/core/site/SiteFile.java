package velnik.core.site;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.jspecify.annotations.Nullable;

/**
 * A picture, or something to be opened or saved. Its address stays whatever it is replaced by.
 *
 * @param name as owners and visitors read it, without an ending
 * @param alternative what a picture shows, for those who do not see it; empty where it is decoration alone, null while
 *     nobody has said
 */
@RecordBuilder
public record SiteFile(
        FileId id,
        String name,
        FileContent content,
        @Nullable String alternative) implements SiteFileBuilder.With {
    public SiteFile {
        if (name.isBlank() || name.length() > Limits.TITLE) {
            throw new IllegalArgumentException(
                    "a file's name has 1 to " + Limits.TITLE + " characters, not " + name.length());
        }
    }
}
