package velnik.core.exchange;

import java.util.List;
import velnik.core.address.Slugs;
import velnik.core.site.Reach;

/**
 * A Markdown list, which is also what can be pasted to add the same rows. A page is its title, followed by its own part
 * of the address where that does not follow from the title, and by who gets it where not everybody does; an item is a
 * link, or words.
 */
public final class MarkdownList {
    private MarkdownList() {}

    public static String ofPages(List<Outlined> pages) {
        StringBuilder list = new StringBuilder();
        write(list, pages, "", true);
        return list.toString();
    }

    public static String ofItems(List<Outlined> items) {
        StringBuilder list = new StringBuilder();
        write(list, items, "", false);
        return list.toString();
    }

    private static void write(StringBuilder list, List<Outlined> rows, String indent, boolean pages) {
        for (Outlined row : rows) {
            list.append(indent)
                    .append("- ")
                    .append(pages ? page(row) : item(row))
                    .append('\n');
            write(list, row.rows(), indent + "  ", pages);
        }
    }

    private static String page(Outlined row) {
        boolean asItIs = PageLine.of(row.text()).title().equals(row.text());
        // Where the title itself ends like an address or a reach, both are said, so that the title is left alone.
        String slug = asItIs && row.slug().equals(Slugs.fromTitle(row.text())) ? "" : " /" + row.slug();
        String reach = asItIs && row.reach() == Reach.OPEN ? "" : " (" + PageLine.word(row.reach()) + ")";
        return row.text() + slug + reach;
    }

    private static String item(Outlined row) {
        if (row.address().isEmpty()) {
            return row.text();
        }
        boolean bracketed = row.text().indexOf('[') >= 0 || row.text().indexOf(']') >= 0;
        return bracketed ? row.text() + " = " + row.address() : "[" + row.text() + "](" + row.address() + ")";
    }
}
