package velnik.core.search;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import velnik.core.outline.Branch;
import velnik.core.search.PageSearch.Hit;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;

/**
 * The words of all pages of a site, whoever may find them. One serves every kind of visitor, and what is the same on
 * another version of the site is taken over. Bounded in all: the more pages there are, the less of each text is looked
 * at.
 */
public final class PageIndex {
    /** Characters of a page's text that are looked at, at most. */
    private static final int TEXT = 20_000;

    /** Characters of all texts together; an ASCII one takes a byte. */
    private static final int TEXTS = 32_000_000;

    private final Function<Page, String> texts;
    private final Map<PageId, Entry> entries = new HashMap<>();

    private PageIndex(Function<Page, String> texts) {
        this.texts = texts;
    }

    /**
     * Costs O(pages), and for those that are in none of the others O(their characters).
     *
     * @param texts give the words of a page's text, empty where it has none; asked again for each page found
     * @param others what is known of other versions of the site
     */
    public static PageIndex of(Site site, Function<Page, String> texts, List<PageIndex> others) {
        PageIndex index = new PageIndex(texts);
        int each = Math.min(TEXT, TEXTS / Math.max(1, site.pages().size()));
        for (Branch<PageId, Page> row : site.pages().walk()) {
            if (row.value().kind() == PageKind.PAGE) {
                index.entries.put(
                        row.id(),
                        others.stream()
                                .flatMap(other -> other.find(row.id()).stream())
                                .filter(known -> known.page().equals(row.value()))
                                .findFirst()
                                .orElseGet(() -> Entry.of(row, PageSearch.cut(texts.apply(row.value()), each))));
            }
        }
        return index;
    }

    /** Nothing for a page that is built in, a group, or not there. */
    Optional<Entry> find(PageId page) {
        return Optional.ofNullable(entries.get(page));
    }

    Hit hit(Entry entry, Asked asked) {
        return entry.hit(asked, texts);
    }

    /** @param all the words, as a title of them alone would be held */
    record Asked(List<String> words, String all) {
        static Asked of(String question) {
            String all = PageSearch.words(question);
            return new Asked(all.isBlank() ? List.of() : List.of(all.strip().split(" ", -1)), all);
        }
    }

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
    record Entry(PageId id, Page page, List<String> parts, Beginnings beginnings) {
        static Entry of(Branch<PageId, Page> row, String text) {
            Page page = row.value();
            List<String> parts = Stream.of(page.title(), String.join(" ", page.topics()), page.summary(), text)
                    .map(PageSearch::words)
                    .toList();
            return new Entry(row.id(), page, parts, Beginnings.of(parts));
        }

        private String in(Part part) {
            return parts.get(part.ordinal());
        }

        /** 0 where one of the words is missing. */
        int worth(Asked asked) {
            for (String word : asked.words()) {
                if (!beginnings.mayHave(word)) {
                    return 0;
                }
            }
            int sum = in(Part.TITLE).equals(asked.all()) ? CALLED_SO : 0;
            for (String word : asked.words()) {
                int worth = worth(word);
                if (worth == 0) {
                    return 0;
                }
                sum += worth;
            }
            return sum;
        }

        /** What the word is worth in the best of the parts that have it. */
        private int worth(String word) {
            String beginning = " " + word;
            int best = 0;
            for (Part part : Part.values()) {
                if (2 * part.worth > best && in(part).contains(beginning)) {
                    best = Math.max(best, in(part).contains(beginning + " ") ? 2 * part.worth : part.worth);
                }
            }
            return best;
        }

        /** The summary, unless a word stands only in the text: then its sentence. */
        Hit hit(Asked asked, Function<Page, String> texts) {
            return asked.words().stream()
                    .map(word -> " " + word)
                    .filter(word -> Arrays.stream(Part.values())
                            .noneMatch(part -> part != Part.TEXT && in(part).contains(word)))
                    .findFirst()
                    .flatMap(word -> PageSearch.sentence(
                            texts.apply(page),
                            sentence -> PageSearch.words(sentence).contains(word)))
                    .map(sentence -> new Hit(id, PageSearch.shortened(sentence)))
                    .orElseGet(() -> new Hit(
                            id,
                            page.summary().isEmpty()
                                    ? PageSearch.sentence(texts.apply(page), sentence -> true)
                                            .map(PageSearch::shortened)
                                            .orElse("")
                                    : page.summary()));
        }
    }

    /** What the pages that are called what was asked for are worth besides, so that they come first. */
    private static final int CALLED_SO = 1_000;

    /** With which letters words begin, one, two or three of them, so that most pages are passed over at a glance. */
    private record Beginnings(long[] bits) {
        private static final int SIZE = 2048;
        private static final int LETTERS = 3;

        static Beginnings of(List<String> parts) {
            long[] bits = new long[SIZE / Long.SIZE];
            for (String part : parts) {
                for (int blank = part.indexOf(' '); blank >= 0; blank = part.indexOf(' ', blank + 1)) {
                    int hash = 0;
                    for (int i = 1; i <= LETTERS && blank + i < part.length() && part.charAt(blank + i) != ' '; i++) {
                        hash = hash * 31 + part.charAt(blank + i);
                        int bit = place(hash);
                        bits[bit / Long.SIZE] |= 1L << bit;
                    }
                }
            }
            return new Beginnings(bits);
        }

        boolean mayHave(String word) {
            int hash = 0;
            for (int i = 0; i < Math.min(LETTERS, word.length()); i++) {
                hash = hash * 31 + word.charAt(i);
            }
            int bit = place(hash);
            return (bits[bit / Long.SIZE] & 1L << bit) != 0;
        }

        private static int place(int hash) {
            return (hash * 0x9E3779B9 >>> 16) % SIZE;
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Beginnings(long[] others) && Arrays.equals(bits, others);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(bits);
        }
    }
}
