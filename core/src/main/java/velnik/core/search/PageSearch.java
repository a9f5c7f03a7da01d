package velnik.core.search;

import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.text.Latin;

/**
 * Finds the pages that lists may show by the words on them. A page is found when every word asked for begins a word of
 * its title, its topics, its summary or its text; accents, case and script say nothing.
 */
public final class PageSearch {
    /** Characters of a question that are looked at. */
    public static final int ASKED = 100;

    /** Pages that an answer names at most. */
    public static final int NAMED = 50;

    private static final int PASSAGE = 200;
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}]+");

    private final PageIndex index;
    private final List<PageIndex.Entry> entries = new ArrayList<>();

    private PageSearch(PageIndex index) {
        this.index = index;
    }

    /**
     * @param count of the pages that were found
     * @param hits the best of them, at most {@link #NAMED}
     */
    public record Found(int count, List<Hit> hits) {
        public static final Found NOTHING = new Found(0, List.of());

        public Found {
            hits = List.copyOf(hits);
        }
    }

    /** @param passage a sentence of the page with one of the words; empty where it has no words besides its title */
    public record Hit(PageId page, String passage) {}

    private record Match(PageIndex.Entry entry, int worth) {}

    /**
     * Costs O(pages).
     *
     * @param visitor whose lists may show what is found
     * @param index of this site
     */
    public static PageSearch of(Site site, Openings openings, Visitor visitor, PageIndex index) {
        PageSearch search = new PageSearch(index);
        search.add(site, openings, visitor, site.pages().top());
        return search;
    }

    private void add(Site site, Openings openings, Visitor visitor, List<Branch<PageId, Page>> rows) {
        for (Branch<PageId, Page> row : rows) {
            if (Access.isListed(site, row, openings, visitor)) {
                index.find(row.id()).ifPresent(entries::add);
                add(site, openings, visitor, row.children());
            }
        }
    }

    /**
     * A page that is called what was asked for first, then the best; of those as good as each other, the first in the
     * tree. Costs O(pages + characters of those that may have the words).
     */
    public Found find(String question) {
        PageIndex.Asked asked = PageIndex.Asked.of(cut(question, ASKED));
        if (asked.words().isEmpty()) {
            return Found.NOTHING;
        }
        List<Match> found = entries.stream()
                .map(entry -> new Match(entry, entry.worth(asked)))
                .filter(match -> match.worth() > 0)
                .sorted(Comparator.comparingInt(Match::worth).reversed())
                .toList();
        return new Found(
                found.size(),
                found.stream()
                        .limit(NAMED)
                        .map(match -> index.hit(match.entry(), asked))
                        .toList());
    }

    static String cut(String text, int characters) {
        return text.substring(0, Math.min(text.length(), characters));
    }

    static String words(String text) {
        return " " + BETWEEN_WORDS.matcher(Latin.of(text)).replaceAll(" ").strip() + " ";
    }

    /** The first sentence of a text that is asked for. Costs no more than the characters before its end. */
    static Optional<String> sentence(String text, Predicate<String> wanted) {
        BreakIterator breaks = BreakIterator.getSentenceInstance(Locale.ROOT);
        breaks.setText(text);
        int begin = breaks.first();
        for (int end = breaks.next(); end != BreakIterator.DONE; begin = end, end = breaks.next()) {
            String sentence = text.substring(begin, end).strip();
            if (!sentence.isEmpty() && wanted.test(sentence)) {
                return Optional.of(sentence);
            }
        }
        return Optional.empty();
    }

    static String shortened(String sentence) {
        if (sentence.length() <= PASSAGE) {
            return sentence;
        }
        int blank = sentence.lastIndexOf(' ', PASSAGE);
        return sentence.substring(0, blank > 0 ? blank : PASSAGE) + "…";
    }
}
