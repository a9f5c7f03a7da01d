package velnik.core.content;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.address.FileAddresses;
import velnik.core.site.FileContent;
import velnik.core.site.FileType;
import velnik.core.site.SiteFile;

/**
 * A picture as a page shows it: in the width that the screen needs, with its room kept free until it is there.
 *
 * @param src of the widest of its widths that is not wasted on a small screen
 * @param srcset each width with its address; null for a drawing, which is sharp in any
 * @param sizes how wide the page shows it; null likewise
 * @param alternative empty where it is decoration alone
 */
public record Picture(
        String src, @Nullable String srcset, @Nullable String sizes, int width, int height, String alternative) {
    /** As wide as the text, which is at most 42 rem wide. */
    private static final String AS_TEXT = "(min-width: 46rem) 42rem, calc(100vw - 2rem)";

    private static final String IN_MENU = "(min-width: 46rem) 20rem, calc(100vw - 3rem)";

    /** In pixels; what a browser takes that knows of no choice. */
    private static final int ORDINARY = 960;

    /** @param addresses write an address of the site where the page is read */
    public static Picture of(SiteFile file, String alternative, AddressWriter addresses) {
        FileContent content = file.content();
        int width = content.widths().stream()
                .filter(each -> each >= ORDINARY)
                .findFirst()
                .orElse(content.width());
        boolean drawn = content.type() == FileType.SVG;
        return new Picture(
                addresses.write(FileAddresses.of(file, width)),
                drawn
                        ? null
                        : content.widths().stream()
                                .map(each -> addresses.write(FileAddresses.of(file, each)) + " " + each + "w")
                                .collect(Collectors.joining(", ")),
                drawn ? null : AS_TEXT,
                content.width(),
                content.height(),
                alternative);
    }

    /** As a menu shows it, which is narrower than a text. */
    public Picture inMenu() {
        return new Picture(src, srcset, sizes == null ? null : IN_MENU, width, height, alternative);
    }

    /** Of an {@code img} element. The first of a page is likely what a visitor waits for, so it does not wait itself. */
    Map<String, String> attributes(boolean first) {
        Map<String, String> attributes = new LinkedHashMap<>();
        attributes.put("src", src);
        if (srcset != null && sizes != null) {
            attributes.put("srcset", srcset);
            attributes.put("sizes", sizes);
        }
        attributes.put("width", Integer.toString(width));
        attributes.put("height", Integer.toString(height));
        attributes.put("alt", alternative);
        if (!first) {
            attributes.put("loading", "lazy");
        }
        return attributes;
    }
}
