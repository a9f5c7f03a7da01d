package velnik.core.search;

import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
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

    /** Characters of a page's text that are looked at. */
    private static final int TEXT = 20_000;

    private static final int PASSAGE = 200;
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}]+");

    private final Function<Page, String> texts;
    private final List<Entry> entries = new ArrayList<>();

    private PageSearch(Function<Page, String> texts) {
        this.texts = texts;
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

    /** Where a word stands, and what finding it there is worth; a whole word is worth twice as much. */
    private enum Part {
        TITLE(40),
        TOPICS(20),
        SUMMARY(10),
        TEXT(1);

        private final int worth;

        Part(int worth) {
            this.worth = worth;
        }
    }

    /** @param parts words in small Latin letters, each with a blank before and behind, by the part they stand in */
    private record Entry(PageId id, Page page, List<String> parts) {
        static Entry of(Branch<PageId, Page> row, String text) {
            Page page = row.value();
            return new Entry(
                    row.id(),
                    page,
                    Stream.of(page.title(), String.join(" ", page.topics()), page.summary(), text)
                            .map(PageSearch::words)
                            .toList());
        }

        private String in(Part part) {
            return parts.get(part.ordinal());
        }

        /** 0 where one of the words is missing. */
        int worth(String[] asked) {
            int sum = 0;
            for (String word : asked) {
                int best = 0;
                for (Part part : Part.values()) {
                    int worth = !in(part).contains(" " + word)
                            ? 0
                            : in(part).contains(" " + word + " ") ? 2 * part.worth : part.worth;
                    best = Math.max(best, worth);
                }
                if (best == 0) {
                    return 0;
                }
                sum += best;
            }
            return sum;
        }

        /** The summary, unless a word stands only in the text: then its sentence. */
        Hit hit(String[] asked, Function<Page, String> texts) {
            return Arrays.stream(asked)
                    .map(word -> " " + word)
                    .filter(word -> Arrays.stream(Part.values())
                            .noneMatch(part -> part != Part.TEXT && in(part).contains(word)))
                    .findFirst()
                    .flatMap(word -> sentences(texts.apply(page)).stream()
                            .filter(sentence -> words(sentence).contains(word))
                            .findFirst())
                    .map(sentence -> new Hit(id, shortened(sentence)))
                    .orElseGet(() -> new Hit(
                            id,
                            page.summary().isEmpty()
                                    ? sentences(texts.apply(page)).stream()
                                            .findFirst()
                                            .map(PageSearch::shortened)
                                            .orElse("")
                                    : page.summary()));
        }
    }

    private record Match(Entry entry, int worth) {}

    /**
     * Costs O(pages + characters), and keeps as many characters as it looks at.
     *
     * @param visitor whose lists may show what is found
     * @param texts give the words of a page's text, empty where it has none; asked again for each page found
     */
    public static PageSearch of(Site site, Openings openings, Visitor visitor, Function<Page, String> texts) {
        PageSearch search = new PageSearch(texts);
        search.add(site, openings, visitor, site.pages().top());
        return search;
    }

    private void add(Site site, Openings openings, Visitor visitor, List<Branch<PageId, Page>> rows) {
        for (Branch<PageId, Page> row : rows) {
            if (Access.isListed(site, row, openings, visitor)) {
                if (row.value().kind() == PageKind.PAGE) {
                    entries.add(Entry.of(row, cut(texts.apply(row.value()), TEXT)));
                }
                add(site, openings, visitor, row.children());
            }
        }
    }

    /** The best first; of those as good as each other, the first in the tree. Costs O(pages + characters). */
    public Found find(String question) {
        String words = words(cut(question, ASKED)).strip();
        if (words.isEmpty()) {
            return Found.NOTHING;
        }
        String[] asked = words.split(" ", -1);
        List<Match> found = entries.stream()
                .map(entry -> new Match(entry, entry.worth(asked)))
                .filter(match -> match.worth() > 0)
                .sorted(Comparator.comparingInt(Match::worth).reversed())
                .toList();
        return new Found(
                found.size(),
                found.stream()
                        .limit(NAMED)
                        .map(match -> match.entry().hit(asked, texts))
                        .toList());
    }

    private static String cut(String text, int characters) {
        return text.substring(0, Math.min(text.length(), characters));
    }

    private static String words(String text) {
        return " " + BETWEEN_WORDS.matcher(Latin.of(text)).replaceAll(" ").strip() + " ";
    }

    private static List<String> sentences(String text) {
        BreakIterator breaks = BreakIterator.getSentenceInstance(Locale.ROOT);
        breaks.setText(text);
        List<String> sentences = new ArrayList<>();
        int begin = breaks.first();
        for (int end = breaks.next(); end != BreakIterator.DONE; begin = end, end = breaks.next()) {
            String sentence = text.substring(begin, end).strip();
            if (!sentence.isEmpty()) {
                sentences.add(sentence);
            }
        }
        return sentences;
    }

    private static String shortened(String sentence) {
        if (sentence.length() <= PASSAGE) {
            return sentence;
        }
        int blank = sentence.lastIndexOf(' ', PASSAGE);
        return sentence.substring(0, blank > 0 ? blank : PASSAGE) + "…";
    }
}
