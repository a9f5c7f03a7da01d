package velnik.core.site;

import java.util.List;
import java.util.stream.Stream;

/**
 * What a file holds.
 *
 * @param bytes that a visitor loads who takes the whole of it
 * @param width of a picture in pixels, as it is shown; 0 for another file
 * @param height likewise
 */
public record FileContent(FileType type, FileHash hash, long bytes, int width, int height) {
    /** In pixels, for phones and wide screens; a picture is kept in those that are less than its own, and in its own. */
    private static final List<Integer> WIDTHS = List.of(480, 960, 1600);

    public FileContent {
        if (type.isPicture() != (width > 0 && height > 0)) {
            throw new IllegalArgumentException(
                    "a picture has a width and a height, and nothing else has: " + type + " " + width + " x " + height);
        }
    }

    public boolean isPicture() {
        return type.isPicture();
    }

    /** The widths in pixels that a picture is kept in, the least first. A drawing needs but one. */
    public List<Integer> widths() {
        return type == FileType.SVG ? List.of(width) : widths(width);
    }

    /** Those that one of this width in pixels is kept in. */
    public static List<Integer> widths(int own) {
        return Stream.concat(WIDTHS.stream().filter(width -> width < own), Stream.of(own))
                .toList();
    }
}
