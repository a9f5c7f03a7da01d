package velnik.core.content;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.commonmark.node.Heading;
import org.commonmark.node.Node;
import org.commonmark.node.SourceSpan;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** Keeps the name of a heading whose words change, so that what leads there goes on leading there. */
public final class LastingNames {
    private LastingNames() {}

    /**
     * A text in which each heading that got other words says the name that it had before, if that is one to keep; all
     * else as it was. Which headings are the same is told by their order between those that kept their words.
     *
     * @param had the places of the text until now
     * @param kept the names to keep; asked only where one would be lost
     */
    public static String in(String text, List<TextPlace> had, Supplier<Set<String>> kept) {
        if (had.isEmpty()) {
            return text;
        }
        Node document = Markdown.spanned(text);
        List<Heading> headings = PlaceNames.headings(document);
        Set<String> names =
                headings.stream().map(heading -> PlaceNames.of(heading).name()).collect(Collectors.toSet());
        if (had.stream().allMatch(place -> names.contains(place.name()))) {
            return text;
        }
        Set<String> keep = kept.get();
        StringBuilder lasting = new StringBuilder(text);
        List<Renamed> renamed = renamed(had, headings, names);
        for (Renamed each : renamed.reversed()) {
            if (keep.contains(each.name())) {
                say(lasting, each);
            }
        }
        return lasting.toString();
    }

    private record Renamed(Heading heading, String name) {}

    /** Pairs what is gone with what is new, in order, between any two headings that were there before and still are. */
    private static List<Renamed> renamed(List<TextPlace> had, List<Heading> headings, Set<String> names) {
        Map<String, Integer> before = new HashMap<>();
        had.forEach(place -> before.put(place.name(), before.size()));
        List<Renamed> renamed = new ArrayList<>();
        int next = 0;
        for (Heading heading : headings) {
            PlaceName name = PlaceNames.of(heading);
            @Nullable Integer there = before.get(name.name());
            if (there != null) {
                next = Math.max(next, there + 1);
            } else if (!name.isSaid()
                    && next < had.size()
                    && !names.contains(had.get(next).name())) {
                renamed.add(new Renamed(heading, had.get(next).name()));
                next++;
            }
        }
        return renamed;
    }

    private static void say(StringBuilder text, Renamed renamed) {
        int end = end(renamed.heading());
        String apart = end > 0 && text.charAt(end - 1) == ' ' ? "" : " ";
        text.insert(end, apart + "{#" + renamed.name() + "}");
    }

    /** Where the words of a heading end, before what closes it. */
    private static int end(Heading heading) {
        Node last = heading.getLastChild().getPrevious(); // before its name
        List<SourceSpan> spans =
                last == null || last.getSourceSpans().isEmpty() ? heading.getSourceSpans() : last.getSourceSpans();
        SourceSpan span = spans.getLast();
        return span.getInputIndex() + span.getLength();
    }

    /** The names of places on a page that items and texts lead to. Costs O(items + pages + links). */
    public static Set<String> ledTo(Site site, PageId page, LinkedTexts texts) {
        Set<String> names = new HashSet<>();
        for (Branch<?, MenuRow> row : site.menus().walk()) {
            if (row.value() instanceof MenuRow.Item item
                    && item.kind() instanceof ItemKind.ToPlace(PageId there, String name)
                    && there.equals(page)) {
                names.add(name);
            }
        }
        for (Branch<PageId, Page> row : site.pages().walk()) {
            texts.linked(site, row).stream()
                    .filter(linked -> linked.page().equals(page))
                    .forEach(linked -> linked.name().ifPresent(names::add));
        }
        return names;
    }
}
