package velnik.core.importing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.text.Latin;

/** Makes a tree of pages that name the page they are under. */
final class TitleTree {
    private TitleTree() {}

    /**
     * @param under by spot, the title of the page above; empty for the top
     * @param asides gets those that are beneath themselves
     */
    static List<Found.FoundPage> of(
            List<Found.FoundPage> pages, Map<Found.Spot, String> under, List<Found.Aside> asides) {
        Map<String, Found.FoundPage> byTitle = new HashMap<>();
        pages.forEach(page -> byTitle.putIfAbsent(Latin.of(page.title()), page));
        Map<Found.Spot, List<Found.FoundPage>> beneath = new LinkedHashMap<>();
        List<Found.FoundPage> top = new ArrayList<>();
        for (Found.FoundPage page : pages) {
            Found.@Nullable FoundPage parent = byTitle.get(Latin.of(under.getOrDefault(page.spot(), "")));
            (parent == null ? top : beneath.computeIfAbsent(parent.spot(), any -> new ArrayList<>())).add(page);
        }
        List<Found.FoundPage> tree = new ArrayList<>();
        Set<Found.Spot> placed = new HashSet<>();
        List<Found.FoundPage> waiting =
                new ArrayList<>(top.reversed().stream().map(page -> page.at(1)).toList());
        while (!waiting.isEmpty()) {
            Found.FoundPage page = waiting.removeLast();
            placed.add(page.spot());
            tree.add(page.withoutPath());
            beneath.getOrDefault(page.spot(), List.of())
                    .reversed()
                    .forEach(child -> waiting.add(child.at(page.level() + 1)));
        }
        pages.stream()
                .filter(page -> !placed.contains(page.spot()))
                .forEach(page ->
                        asides.add(new Found.Aside(page.spot(), page.title(), FileRead.WORDS.say("circle"), true)));
        return tree;
    }
}
