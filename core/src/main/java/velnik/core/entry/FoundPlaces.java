package velnik.core.entry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import velnik.core.content.LinkedTexts;
import velnik.core.content.TextPlace;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.text.Latin;

/** Finds places on pages by the words of their headings. */
public final class FoundPlaces {
    private FoundPlaces() {}

    public record Found(PageId page, TextPlace place) {}

    private record Match(Found found, int rank) {}

    /**
     * Those whose words answer to what was typed, with or without the title of their page before it, best first. Costs
     * O(pages + places).
     */
    public static List<Found> of(Site site, LinkedTexts texts, String typed, int most) {
        String wanted = Latin.of(typed.replace('#', ' ').strip());
        if (wanted.isEmpty()) {
            return List.of();
        }
        List<Match> matches = new ArrayList<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            List<TextPlace> places = texts.places(row.value());
            String title = places.isEmpty() ? "" : Latin.of(row.value().title());
            for (TextPlace place : places) {
                int rank = rank(title, Latin.of(place.words()), wanted);
                if (rank >= 0) {
                    matches.add(new Match(new Found(row.id(), place), rank));
                }
            }
        }
        return matches.stream()
                .sorted(Comparator.comparingInt(Match::rank))
                .limit(most)
                .map(Match::found)
                .toList();
    }

    /** Where the heading alone does not answer, a heading and its page together may, of which the heading has a part. */
    private static int rank(String title, String words, String wanted) {
        int alone = Rank.of(words, wanted);
        return alone >= 0 || Rank.of(title, wanted) >= 0 ? alone : Rank.of(title + " " + words, wanted);
    }

    /** The place of a name on a page; empty where there is none. */
    public static Optional<TextPlace> on(Site site, LinkedTexts texts, PageId page, String name) {
        return texts.places(site.pages().get(page)).stream()
                .filter(place -> place.name().equals(name))
                .findFirst();
    }
}
