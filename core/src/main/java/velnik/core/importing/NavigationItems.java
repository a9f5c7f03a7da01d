package velnik.core.importing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jsoup.nodes.Element;
import org.jspecify.annotations.Nullable;
import velnik.core.change.MenuChange;
import velnik.core.site.Limits;
import velnik.core.text.Line;

/** The items of one navigation: its lists as they nest, the headings over them, and links outside of lists. */
final class NavigationItems {
    private static final String LISTS = "ul, ol, menu";
    private static final String HEADINGS = "h1, h2, h3, h4, h5, h6, [role=heading], summary, legend, dt";
    private static final String PASSED_OVER = "script, style, template, form, noscript, svg";

    private final String file;
    private final Element whole;
    private final @Nullable Element heading;
    private final List<Found.FoundItem> items = new ArrayList<>();

    NavigationItems(String file, Element whole) {
        this.file = file;
        this.whole = whole;
        this.heading = headingOf(whole).orElse(null);
    }

    /** The heading of all of it: the only one there is, before its first list. */
    static Optional<Element> headingOf(Element navigation) {
        List<Element> headings = navigation.select(HEADINGS).stream()
                .filter(heading -> !heading.is("summary, dt"))
                .toList();
        return headings.size() == 1
                        && headings.getFirst().parents().stream().noneMatch(parent -> parent.is("li"))
                        && navigation.select(LISTS).size() > 0
                ? Optional.of(headings.getFirst())
                : Optional.empty();
    }

    List<Found.FoundItem> items() {
        if (whole.is(LISTS)) {
            list(whole, 1);
        } else {
            inside(whole, 1);
        }
        return items;
    }

    /** What stands in an element that is no list. */
    private void inside(Element element, int level) {
        boolean under = false;
        for (Element child : element.children()) {
            if (child.is(PASSED_OVER) || child.equals(heading)) {
                continue;
            }
            if (child.is(LISTS)) {
                list(child, under ? level + 1 : level);
                under = false;
            } else if (child.is("a")) {
                add(
                        child,
                        level,
                        label(child),
                        child.attr("href"),
                        child.attr("target").equalsIgnoreCase("_blank"));
            } else if (child.is(HEADINGS)) {
                Element link = child.selectFirst("a[href]");
                under = isOverList(child)
                        && add(child, level, Line.cleaned(child.text()), link == null ? "" : link.attr("href"), false);
            } else {
                inside(child, under ? level + 1 : level);
            }
        }
    }

    /** Whether a list comes after it, before the next heading. */
    private static boolean isOverList(Element heading) {
        for (Element next = heading.nextElementSibling(); next != null; next = next.nextElementSibling()) {
            if (next.is(HEADINGS)) {
                return false;
            }
            if (next.is(LISTS) || next.selectFirst(LISTS) != null || next.selectFirst("a[href]") != null) {
                return true;
            }
        }
        return false;
    }

    private void list(Element list, int level) {
        for (Element row : list.children()) {
            if (row.is(LISTS)) {
                list(row, level + 1); // as some write it, between the rows and not in one
            } else if (!row.is(PASSED_OVER)) {
                row(row, level);
            }
        }
    }

    private void row(Element row, int level) {
        @Nullable Element link = row.is("a") ? row : ownLink(row);
        boolean added;
        if (link != null) {
            added = add(
                    row,
                    level,
                    label(link),
                    link.attr("href"),
                    link.attr("target").equalsIgnoreCase("_blank"));
        } else {
            added = add(row, level, ownWords(row), "", false);
        }
        beneath(row, link, added ? level + 1 : level);
    }

    /** What is in a row but for its own link. */
    private void beneath(Element element, @Nullable Element link, int level) {
        for (Element child : element.children()) {
            if (child.is(LISTS)) {
                list(child, level);
            } else if (!child.equals(link) && !child.is(PASSED_OVER) && child.selectFirst(LISTS) != null) {
                if (link != null && link.parents().contains(child)) {
                    beneath(child, link, level);
                } else {
                    inside(child, level);
                }
            }
        }
    }

    /** The first link of a row that is not in a list beneath it. */
    private static @Nullable Element ownLink(Element row) {
        for (Element link : row.select("a[href]")) {
            if (link.closest(LISTS) == row.parent()) {
                return link;
            }
        }
        return null;
    }

    private static String ownWords(Element row) {
        String words = Line.cleaned(row.ownText());
        if (!words.isEmpty()) {
            return words;
        }
        for (Element child : row.children()) {
            if (!child.is(LISTS) && !child.is(PASSED_OVER) && child.selectFirst(LISTS) == null && child.hasText()) {
                return Line.cleaned(child.text());
            }
        }
        Element said = row.selectFirst("button, summary, span, a");
        return said == null || said.closest(LISTS) != row.parent() ? "" : Line.cleaned(said.ownText());
    }

    private static String label(Element link) {
        String text = Line.cleaned(link.text());
        if (!text.isEmpty()) {
            return text;
        }
        for (String attribute : List.of("aria-label", "title")) {
            if (!link.attr(attribute).isBlank()) {
                return Line.cleaned(link.attr(attribute));
            }
        }
        Element picture = link.selectFirst("img[alt]");
        return picture == null ? "" : Line.cleaned(picture.attr("alt"));
    }

    /** @return whether there was anything to add */
    private boolean add(Element element, int level, String label, String target, boolean newTab) {
        if (label.isEmpty() || items.size() > Limits.PAGES) {
            return false;
        }
        items.add(new Found.FoundItem(
                new Found.Spot(file, element.sourceRange().start().lineNumber()),
                Math.min(level, levelAfterLast()),
                label,
                target.strip().equals("#") ? "" : target.strip(),
                newTab ? MenuChange.ItemEdit.of(look -> look.newTab(true)) : MenuChange.ItemEdit.NOTHING,
                ""));
        return true;
    }

    private int levelAfterLast() {
        return items.isEmpty() ? 1 : items.getLast().level() + 1;
    }
}
