package velnik.core.importing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.content.Written;
import velnik.core.explanation.Words;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.core.text.Line;
import velnik.core.text.Messages;

/** What files say of pages beside their place, as changes of their fields. */
final class PageFields {
    private static final Messages WORDS = Messages.of(ImportPlan.class);

    private final Site site;
    private final FieldEdits edits;
    private final SlugWishes slugs;

    PageFields(Site site, FieldEdits edits) {
        this.site = site;
        this.edits = edits;
        this.slugs = new SlugWishes(site);
    }

    /**
     * What becomes of a page that is there.
     *
     * @param text its new one, to be kept
     */
    record Changed(List<ImportRow.FieldChange> fields, String why, Optional<String> text) {}

    /** Collects the differences of one page, with what cannot be as the file has it. */
    private static final class Told {
        private final List<ImportRow.FieldChange> fields = new ArrayList<>();
        private final List<String> whys = new ArrayList<>();

        void change(String field, String before, String after) {
            fields.add(new ImportRow.FieldChange(WORDS.say("field." + field), before, after));
        }

        void why(String key, Map<String, ?> facts) {
            whys.add(WORDS.say(key, facts));
        }

        String why() {
            return String.join(" ", whys);
        }
    }

    /** What a new page gets that it is not added with. */
    String begin(PageId id, Found.FoundPage page, boolean home) {
        Found.Said said = page.said();
        Told told = new Told();
        if (Boolean.TRUE.equals(said.membersOnly()) && !home) {
            edits.membersOnly(id, true);
        }
        layout(said, told)
                .filter(layout -> !layout.equals(LayoutId.STANDARD))
                .ifPresent(layout -> edits.layout(id, layout));
        edits.sort(id, topics(said, told), Set.of(), said.date());
        boolean text = said.kind() != PageKind.GROUP || home;
        @Nullable String summary = text ? fitting(said.summary(), "", Limits.SUMMARY, "summary", told) : null;
        @Nullable String searchTitle = text ? fitting(said.searchTitle(), "", Limits.TITLE, "searchTitle", told) : null;
        @Nullable
        String searchDescription =
                text ? fitting(said.searchDescription(), "", Limits.SUMMARY, "searchDescription", told) : null;
        if (summary != null || searchTitle != null || searchDescription != null) {
            edits.words(new Change.PageWords(id, null, summary, searchTitle, searchDescription));
        }
        return told.why();
    }

    /** Who gets a new page, where that is not everyone. */
    static List<ImportRow.FieldChange> reach(Found.Said said) {
        return said.reach() == null || said.reach() == Reach.OPEN
                ? List.of()
                : List.of(new ImportRow.FieldChange(WORDS.say("field.reach"), "", Words.reach(said.reach())));
    }

    Changed change(PageId id, Page there, Found.FoundPage page, String title) {
        Found.Said said = page.said();
        Told told = new Told();
        words(id, there, page, title, told);
        if (said.reach() != null && said.reach() != there.reach()) {
            if (site.isHome(id)) {
                told.why("homeOpen", Map.of());
            } else {
                told.change("reach", Words.reach(there.reach()), Words.reach(said.reach()));
                edits.reach(id, said.reach());
            }
        }
        if (said.membersOnly() != null && said.membersOnly() != there.membersOnly() && !site.isHome(id)) {
            told.change("membersOnly", audience(there.membersOnly()), audience(said.membersOnly()));
            edits.membersOnly(id, said.membersOnly());
        }
        if (said.keptFromSearchEngines() != null && said.keptFromSearchEngines() != there.keptFromSearchEngines()) {
            told.change(
                    "searchEngines",
                    WORDS.say(there.keptFromSearchEngines() ? "kept" : "listed"),
                    WORDS.say(said.keptFromSearchEngines() ? "kept" : "listed"));
            edits.keptFromSearchEngines(id, said.keptFromSearchEngines());
        }
        layout(said, told).filter(layout -> !layout.equals(there.layout())).ifPresent(layout -> {
            told.change("layout", Words.layout(site, there.layout()), Words.layout(site, layout));
            edits.layout(id, layout);
        });
        TopicEdit topics = topicEdit(there, said, told);
        edits.sort(id, topics.add(), topics.remove(), otherDate(there, said, told));
        return new Changed(told.fields, told.why(), text(id, there, said, told));
    }

    private void words(PageId id, Page there, Found.FoundPage page, String title, Told told) {
        Found.Said said = page.said();
        boolean renamed = !page.guessed() && !title.equals(there.title());
        if (renamed) {
            told.change("title", there.title(), title);
        }
        slug(id, there, said, told);
        boolean text = there.kind() == PageKind.PAGE; // a group has no words that visitors read
        @Nullable
        String summary = text ? fitting(said.summary(), there.summary(), Limits.SUMMARY, "summary", told) : null;
        @Nullable
        String searchTitle =
                text ? fitting(said.searchTitle(), there.searchTitle(), Limits.TITLE, "searchTitle", told) : null;
        @Nullable
        String searchDescription = text
                ? fitting(
                        said.searchDescription(), there.searchDescription(), Limits.SUMMARY, "searchDescription", told)
                : null;
        if (renamed || summary != null || searchTitle != null || searchDescription != null) {
            edits.words(new Change.PageWords(id, renamed ? title : null, summary, searchTitle, searchDescription));
        }
    }

    private void slug(PageId id, Page there, Found.Said said, Told told) {
        if (said.slug() == null || site.isHome(id)) {
            return;
        }
        String slug = said.slug().strip().toLowerCase(Locale.ROOT);
        if (!slug.equals(there.slug())) {
            told.change("slug", there.slug(), slug);
            slugs.add(new SlugWishes.Wish(id, there.slug(), slug));
        }
    }

    /**
     * Gives the slugs that the pages changed can get, once all pages are known.
     *
     * @param added the addresses of pages to be added
     * @return what pages want in vain, though they told it
     */
    List<SlugWishes.Wish> settleSlugs(Predicate<String> added) {
        SlugWishes.Settled settled = slugs.settled(added);
        settled.met().forEach(wish -> edits.slug(wish.page(), wish.to()));
        return settled.unmet();
    }

    /** The row of a page without a slug that it told and does not get. */
    static ImportRow without(SlugWishes.Wish wish, ImportRow row) {
        List<ImportRow.FieldChange> fields = new ArrayList<>(row.fields());
        fields.remove(new ImportRow.FieldChange(WORDS.say("field.slug"), wish.from(), wish.to()));
        String stays = WORDS.say("slugStays", Map.of("slug", wish.to()));
        return ImportRowBuilder.builder(row)
                .verdict(fields.isEmpty() ? ImportRow.Verdict.SKIP : ImportRow.Verdict.CHANGE)
                .fields(fields)
                .why(row.why().isEmpty() ? stays : row.why() + " " + stays)
                .build();
    }

    /** What is said where it differs and is not too long; null otherwise. */
    private static @Nullable String fitting(@Nullable String said, String before, int limit, String field, Told told) {
        String cleaned = said == null ? before : Line.cleaned(said);
        if (cleaned.length() > limit) {
            told.why("fieldLong", Map.of("field", WORDS.say("field." + field), "limit", limit));
            return null;
        }
        if (cleaned.equals(before)) {
            return null;
        }
        told.change(field, before, cleaned);
        return cleaned;
    }

    private Optional<String> text(PageId id, Page there, Found.Said said, Told told) {
        if (said.text() == null) {
            return Optional.empty();
        }
        String text = Written.kept(said.text(), site);
        @Nullable TextHash hash = text.isEmpty() ? null : TextHash.of(text);
        if (there.kind() == PageKind.GROUP || hash == null || hash.equals(there.text())) {
            return Optional.empty();
        }
        told.change(
                "text",
                there.text() == null ? "" : WORDS.say("textThere"),
                WORDS.say("textOf", Map.of("characters", text.length())));
        edits.add(new Change.SetText(id, hash, there.text(), ""));
        return Optional.of(text);
    }

    private Optional<LayoutId> layout(Found.Said said, Told told) {
        @Nullable String name = said.layout();
        if (name == null) {
            return Optional.empty();
        }
        Optional<LayoutId> layout = Stream.concat(
                        LayoutId.OF_EVERY_SITE.stream(), site.layouts().stream().map(Layout::id))
                .filter(each -> Words.layout(site, each).equalsIgnoreCase(name))
                .findFirst();
        if (layout.isEmpty()) {
            told.why("noLayout", Map.of("layout", name));
        }
        return layout;
    }

    private static Set<String> topics(Found.Said said, Told told) {
        Set<String> topics = new LinkedHashSet<>();
        for (String typed : said.topics() == null ? Set.<String>of() : said.topics()) {
            String topic = Line.cleaned(typed);
            if (topic.isEmpty() || topic.length() > Limits.TOPIC) {
                told.why("topicLong", Map.of("limit", Limits.TOPIC));
            } else {
                topics.add(topic);
            }
        }
        return topics;
    }

    private static @Nullable LocalDate otherDate(Page there, Found.Said said, Told told) {
        if (said.date() == null || said.date().equals(there.date())) {
            return null;
        }
        told.change(
                "date",
                there.date() == null ? "" : there.date().toString(),
                said.date().toString());
        return said.date();
    }

    private record TopicEdit(Set<String> add, Set<String> remove) {}

    private TopicEdit topicEdit(Page there, Found.Said said, Told told) {
        if (said.topics() == null) {
            return new TopicEdit(Set.of(), Set.of());
        }
        Set<String> wanted = topics(said, told);
        Set<String> add = new HashSet<>(wanted);
        add.removeIf(topic -> there.topics().stream().anyMatch(topic::equalsIgnoreCase));
        Set<String> remove = new HashSet<>(there.topics());
        remove.removeIf(topic -> wanted.stream().anyMatch(topic::equalsIgnoreCase));
        if (!add.isEmpty() || !remove.isEmpty()) {
            told.change(
                    "topics", String.join(", ", there.topics().stream().sorted().toList()), String.join(", ", wanted));
        }
        return new TopicEdit(add, remove);
    }

    private static String audience(boolean membersOnly) {
        return WORDS.say(membersOnly ? "members" : "everyone");
    }
}
