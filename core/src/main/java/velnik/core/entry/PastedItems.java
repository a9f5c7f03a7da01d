package velnik.core.entry;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;
import velnik.core.change.MenuChange;
import velnik.core.exchange.IndentedText;
import velnik.core.exchange.Nesting;
import velnik.core.outline.Place;
import velnik.core.site.Anchor;
import velnik.core.site.Limits;
import velnik.core.site.MenuRowId;
import velnik.core.site.Site;
import velnik.core.text.Messages;

/**
 * A pasted list as items, one a line, indentation nesting. A line is the title of a page, a link of any kind, either of
 * them under a label of its own, or else a heading where something is under it and a text where nothing is.
 */
public final class PastedItems {
    private static final Messages WORDS = Messages.of(PastedItems.class);

    private PastedItems() {}

    /**
     * @param items to add, in order
     * @param lines what each line of the list becomes, in the same order
     * @param refused what is wrong with which line; with any of these the list is not taken
     */
    public record Read(List<MenuChange.NewItem> items, List<ItemLine> lines, List<String> refused) {
        public Read {
            items = List.copyOf(items);
            lines = List.copyOf(lines);
            refused = List.copyOf(refused);
        }

        /** "12 items: 8 pages, 2 links, 1 heading and 1 text." */
        public String summary() {
            if (items.isEmpty()) {
                return WORDS.say(refused.isEmpty() ? "summary.none" : "summary.tooMany");
            }
            Map<String, Integer> counts = new LinkedHashMap<>();
            for (MenuChange.NewItem item : items) {
                counts.merge(item.kind().getClass().getSimpleName(), 1, Integer::sum);
            }
            List<String> kinds = new ArrayList<>();
            counts.forEach((kind, count) -> kinds.add(WORDS.say(kind, Map.of("count", count))));
            return WORDS.say("summary", Map.of("all", items.size(), "kinds", kinds));
        }
    }

    /**
     * @param level from 1
     * @param reads what the item reads
     * @param leads where it leads, or what it is if it leads nowhere
     */
    public record ItemLine(int level, String reads, String leads) {}

    /**
     * @param place where the first top line goes; the others follow it
     * @param ids gives the id of the n-th item, n from 0
     */
    public static Read read(
            Site site, String text, Place<MenuRowId> place, @Nullable Anchor anchor, IntFunction<MenuRowId> ids) {
        List<IndentedText.Line> lines = IndentedText.parse(text, Limits.ITEMS);
        if (lines.size() > Limits.ITEMS) {
            return new Read(List.of(), List.of(), List.of(WORDS.say("tooMany", Map.of("limit", Limits.ITEMS))));
        }
        List<MenuChange.NewItem> items = new ArrayList<>();
        List<ItemLine> told = new ArrayList<>();
        List<String> refused = new ArrayList<>();
        ItemReading reading = new ItemReading(site);
        Nesting<MenuRowId> nesting = new Nesting<>(place);
        for (int i = 0; i < lines.size(); i++) {
            IndentedText.Line line = lines.get(i);
            boolean over = i + 1 < lines.size() && lines.get(i + 1).level() > line.level();
            MenuRowId id = ids.apply(items.size());
            Place<MenuRowId> here = nesting.next(line.level(), id);
            ItemReading.Meant meant = reading.line(line.title(), over);
            if (meant.refused() != null) {
                refused.add(WORDS.say("line", Map.of("line", line.number(), "why", meant.refused())));
            } else if (meant.label().length() > Limits.TITLE) {
                refused.add(WORDS.say(
                        "label",
                        Map.of(
                                "line", line.number(),
                                "characters", meant.label().length(),
                                "limit", Limits.TITLE)));
            }
            told.add(told(site, line.level(), meant));
            items.add(new MenuChange.NewItem(id, here, line.level() == 1 ? anchor : null, meant.kind(), meant.label()));
        }
        return new Read(items, told, refused);
    }

    private static ItemLine told(Site site, int level, ItemReading.Meant meant) {
        String followed = ItemReading.followed(site, meant.kind());
        String leads = ItemReading.leads(site, meant.kind());
        return new ItemLine(level, meant.label().isEmpty() ? followed : meant.label(), leads);
    }
}
