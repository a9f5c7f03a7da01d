package velnik.core.telling;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.compare.DetailsFields;
import velnik.core.compare.Difference;
import velnik.core.compare.Field;
import velnik.core.compare.KeyedDifference;
import velnik.core.compare.PageFields;
import velnik.core.compare.ValueDifference;
import velnik.core.explanation.Words;
import velnik.core.outline.RowDifference;
import velnik.core.outline.RowDifference.Added;
import velnik.core.outline.RowDifference.Altered;
import velnik.core.outline.RowDifference.Moved;
import velnik.core.outline.RowDifference.Removed;
import velnik.core.site.Details;
import velnik.core.site.Forward;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.text.Messages;

/** What waits to be published, in plain sentences: one entry for each page concerned, one for each other thing. */
public final class Waiting {
    static final Messages WORDS = Messages.of(Waiting.class);

    /** Fields of a page that are the owner's own matter. */
    private static final Set<String> OWNERS_OWN = Set.of("locked", "model");

    /** One thing that waits. Its sentence is made when it is asked for, so that counting costs no words. */
    public static final class Entry {
        private final @Nullable PageId page;
        private final Supplier<String> sentence;

        Entry(@Nullable PageId page, Supplier<String> sentence) {
            this.page = page;
            this.sentence = sentence;
        }

        /** Null when it is not about one page, or about one that is gone. */
        public @Nullable PageId page() {
            return page;
        }

        public String sentence() {
            return sentence.get();
        }
    }

    private final Site live;
    private final Site working;
    /** Once a page that goes is told of. */
    private @Nullable Map<Forward.Source, Forward> forwards;

    private Waiting(Site live, Site working) {
        this.live = live;
        this.working = working;
    }

    public static List<Entry> between(Site live, Site working) {
        return new Waiting(live, working).entries();
    }

    private List<Entry> entries() {
        Difference difference = Difference.between(live, working);
        Map<PageId, List<RowDifference<PageId, Page>>> byPage = new LinkedHashMap<>();
        for (RowDifference<PageId, Page> row : difference.pages().rows()) {
            byPage.computeIfAbsent(row.id(), id -> new ArrayList<>()).add(row);
        }
        List<Entry> entries = new ArrayList<>();
        byPage.forEach((page, rows) -> {
            if (rows.stream().anyMatch(Waiting::isForVisitors)) {
                entries.add(new Entry(working.pages().contains(page) ? page : null, () -> sentence(page, rows)));
            }
        });
        difference
                .home()
                .flatMap(ValueDifference::after)
                .filter(home -> live.home() != null)
                .ifPresent(home ->
                        entries.add(new Entry(home, () -> WORDS.say("site.home", Map.of("title", title(home))))));
        difference.details().ifPresent(details -> entries.addAll(details(details)));
        difference.forwards().stream()
                .filter(this::isTold)
                .forEach(forward -> entries.add(new Entry(null, () -> forwarded(forward))));
        entries.addAll(WaitingFiles.of(difference));
        entries.addAll(WaitingMenus.of(live, working, difference));
        return entries;
    }

    /** Where a removed page leads is told with its removal; a topic that visitors never knew leads nobody anywhere. */
    private boolean isTold(KeyedDifference<Forward.Source, Forward> forward) {
        return switch (forward.key()) {
            case Forward.Source.OfRemoved(PageId page) ->
                !live.pages().contains(page) && !working.pages().contains(page);
            case Forward.Source.OfTopic(String topic) -> live.topics().contains(topic);
            case Forward.Source.At at -> true;
            case Forward.Source.Beneath beneath -> true;
        };
    }

    private String forwarded(KeyedDifference<Forward.Source, Forward> forward) {
        String from = Words.capital(Words.source(working, forward.key()));
        return forward.after()
                .map(after -> WORDS.say(
                        after.to() instanceof Forward.Target.Gone ? "forward.gone" : "forward",
                        Map.of("from", from, "to", Words.target(working, after.to()))))
                .orElseGet(() -> WORDS.say("forward.none", Map.of("from", from)));
    }

    private List<Entry> details(ValueDifference<Details> details) {
        return DetailsFields.ALL.stream()
                .filter(field -> field.differs(details.before(), details.after()))
                .map(field -> WORDS.say("site." + field.name(), Map.of("value", field.said(working, details.after()))))
                .filter(sentence -> !sentence.isEmpty())
                .map(sentence -> new Entry(null, () -> sentence))
                .toList();
    }

    private static boolean isForVisitors(RowDifference<PageId, Page> row) {
        return !(row instanceof Altered<PageId, Page>(PageId id, Page before, Page after))
                || !OWNERS_OWN.containsAll(PageFields.differing(before, after));
    }

    private String sentence(PageId page, List<RowDifference<PageId, Page>> rows) {
        List<String> parts = new ArrayList<>();
        for (RowDifference<PageId, Page> row : rows) {
            switch (row) {
                case Added<PageId, Page> added -> parts.add(added(page));
                case Removed<PageId, Page> removed -> parts.add(goes(page));
                case Moved<PageId, Page> moved -> parts.add(moved(moved));
                case Altered<PageId, Page> altered -> parts.addAll(altered(altered));
            }
        }
        String title =
                (live.pages().contains(page) ? live : working).pages().get(page).title();
        return WORDS.say("page", Map.of("title", title, "parts", parts));
    }

    private String goes(PageId page) {
        if (forwards == null) {
            forwards = working.forwardsBySource();
        }
        return Optional.ofNullable(forwards.get(new Forward.Source.OfRemoved(page)))
                .map(forward -> WORDS.say("page.goesTo", Map.of("to", Words.target(working, forward.to()))))
                .orElseGet(() -> WORDS.say("page.goes"));
    }

    private String added(PageId page) {
        return working.pages()
                .parentOf(page)
                .map(parent -> WORDS.say("page.newUnder", Map.of("parent", title(parent))))
                .orElseGet(() -> WORDS.say("page.new"));
    }

    private String moved(Moved<PageId, Page> moved) {
        @Nullable PageId parent = moved.to().parent();
        if (!Objects.equals(parent, moved.from().parent())) {
            return parent == null
                    ? WORDS.say("page.moves.top")
                    : WORDS.say("page.moves.under", Map.of("parent", title(parent)));
        }
        return moved.to().after() == null
                ? WORDS.say("page.moves.first")
                : WORDS.say(
                        "page.moves.after", Map.of("before", title(moved.to().after())));
    }

    private String title(PageId page) {
        return working.pages().get(page).title();
    }

    private List<String> altered(Altered<PageId, Page> altered) {
        Page before = altered.before();
        Page after = altered.after();
        List<String> parts = new ArrayList<>();
        for (Field<Page> field : PageFields.ALL) {
            boolean sameAddress = field.name().equals("slug") && before.slug().equals(after.slug());
            if (!sameAddress && field.differs(before, after)) {
                String part = WORDS.say(
                        "field." + field.name(),
                        Map.of(
                                "value",
                                field.said(working, after),
                                "code",
                                field.code(after),
                                "address",
                                Addresses.of(working, altered.id())));
                if (!part.isEmpty()) {
                    parts.add(part);
                }
            }
        }
        if (parts.isEmpty() && before.slugFollows() != after.slugFollows()) {
            parts.add(WORDS.say("field.slugFollows"));
        }
        return parts;
    }
}
