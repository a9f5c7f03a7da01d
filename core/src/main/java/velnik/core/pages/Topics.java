package velnik.core.pages;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.change.SortingChange;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.draft.PeriodChecks;
import velnik.core.forwarding.Forwards;
import velnik.core.listing.TopicListings;
import velnik.core.outline.Branch;
import velnik.core.outline.OutlineEditor;
import velnik.core.site.Assignment;
import velnik.core.site.Forward;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.text.Line;

/** Which topics pages have, and what topics are called. */
public final class Topics {
    private Topics() {}

    /** O(pages). */
    public static Optional<Refusal> setTopics(Draft draft, SortingChange.SetTopics set) {
        if (set.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        return sortPages(
                draft,
                new SortingChange.SortPages(set.pages().stream()
                        .map(page -> new SortingChange.PageSorting(page, set.add(), set.remove(), null))
                        .toList()));
    }

    /** O(pages + topics that are added). */
    public static Optional<Refusal> sortPages(Draft draft, SortingChange.SortPages sort) {
        NavigableSet<String> known = spellings(draft.site().topics());
        OutlineEditor<PageId, Page> pages = draft.pages().edit();
        Set<String> begun = new HashSet<>();
        for (SortingChange.PageSorting each : sort.pages()) {
            Optional<Refusal> refusal = Checks.exists(draft.site(), each.page())
                    .or(() -> each.add().stream()
                            .flatMap(topic -> malformed(Line.cleaned(topic)).stream())
                            .findFirst())
                    .or(() -> Optional.ofNullable(each.date()).flatMap(PeriodChecks::day));
            if (refusal.isPresent()) {
                return refusal;
            }
            Page page = pages.get(each.page());
            Set<String> topics = new HashSet<>(page.topics());
            each.remove().forEach(topics::remove);
            for (String typed : each.add()) {
                String topic = spelt(known, Line.cleaned(typed));
                known.add(topic);
                begun.add(topic);
                topics.add(topic);
            }
            Page sorted = page.withTopics(topics);
            pages.replace(each.page(), each.date() == null ? sorted : sorted.withDate(each.date()));
        }
        draft.become(pages.done());
        begin(draft, begun);
        return Optional.empty();
    }

    /** What is called so again leads nowhere else any more. */
    private static void begin(Draft draft, Set<String> topics) {
        Site site = draft.site();
        draft.become(site.withForwards(site.forwards().stream()
                .filter(forward ->
                        !(forward.from() instanceof Forward.Source.OfTopic(String topic) && topics.contains(topic)))
                .toList()));
    }

    /** O(pages + rows of menus). */
    public static Optional<Refusal> renameTopic(Draft draft, SortingChange.RenameTopic rename) {
        Site site = draft.site();
        String typed = Line.cleaned(rename.name());
        Optional<Refusal> refusal = unknown(site, rename.topic()).or(() -> malformed(typed));
        if (refusal.isPresent()) {
            return refusal;
        }
        Set<String> others = new TreeSet<>(site.topics());
        others.remove(rename.topic());
        String name = spelt(spellings(others), typed);
        if (name.equals(rename.topic())) {
            return Optional.empty();
        }
        alterPages(draft, rename.topic(), name);
        alterLists(draft, rename.topic(), name);
        alterAssignments(draft, rename.topic(), name);
        begin(draft, Set.of(name));
        Forwards.put(
                draft,
                List.of(new Forward(new Forward.Source.OfTopic(rename.topic()), new Forward.Target.ToTopic(name))));
        Optional<String> from = address(site, rename.topic());
        Optional<String> to = address(draft.site(), name);
        if (from.isPresent() && to.isPresent() && !from.equals(to)) {
            draft.tell(new Notice.ListingMoves(from.get(), to.get()));
        }
        return Optional.empty();
    }

    /** O(pages + rows of menus). */
    public static Optional<Refusal> removeTopic(Draft draft, SortingChange.RemoveTopic remove) {
        Site site = draft.site();
        Optional<Refusal> refusal = unknown(site, remove.topic());
        if (refusal.isPresent()) {
            return refusal;
        }
        alterPages(draft, remove.topic(), null);
        alterAssignments(draft, remove.topic(), null);
        address(site, remove.topic()).ifPresent(address -> draft.tell(new Notice.ListingEnds(address)));
        long lists = site.menus().walk().stream()
                .filter(row -> isListOf(row.value(), remove.topic()))
                .count();
        if (lists > 0) {
            draft.tell(new Notice.ListsEmpty((int) lists));
        }
        return Optional.empty();
    }

    private static Optional<String> address(Site site, String topic) {
        return Optional.ofNullable(TopicListings.addresses(site).get(topic));
    }

    private static Optional<Refusal> unknown(Site site, String topic) {
        return site.topics().contains(topic) ? Optional.empty() : Optional.of(new Refusal.TopicUnknown(topic));
    }

    private static Optional<Refusal> malformed(String topic) {
        return topic.isEmpty() || topic.length() > Limits.TOPIC
                ? Optional.of(new Refusal.TopicMalformed(topic.length(), Limits.TOPIC))
                : Optional.empty();
    }

    /** Found without regard to case. */
    private static NavigableSet<String> spellings(Set<String> topics) {
        NavigableSet<String> spellings = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        spellings.addAll(topics);
        return spellings;
    }

    /** A topic that is known keeps the spelling it has. */
    private static String spelt(NavigableSet<String> known, String typed) {
        @Nullable String nearest = known.ceiling(typed);
        return nearest != null && nearest.equalsIgnoreCase(typed) ? nearest : typed;
    }

    /** @param name null for none */
    private static void alterPages(Draft draft, String topic, @Nullable String name) {
        List<PageId> having = draft.pages().walk().stream()
                .filter(row -> row.value().topics().contains(topic))
                .map(Branch::id)
                .toList();
        draft.become(draft.pages().updateAll(having, page -> page.withTopics(renamed(page, topic, name))));
    }

    private static Set<String> renamed(Page page, String topic, @Nullable String name) {
        Set<String> topics = new HashSet<>(page.topics());
        topics.remove(topic);
        if (name != null) {
            topics.add(name);
        }
        return topics;
    }

    private static void alterLists(Draft draft, String topic, String name) {
        OutlineEditor<MenuRowId, MenuRow> menus = draft.site().menus().edit();
        for (Branch<MenuRowId, MenuRow> row : draft.site().menus().walk()) {
            if (isListOf(row.value(), topic) && row.value() instanceof MenuRow.Item item) {
                ItemKind.PageList list = (ItemKind.PageList) item.kind();
                menus.replace(row.id(), item.withKind(list.withSource(new ListSource.OfTopic(name))));
            }
        }
        draft.become(draft.site().withMenus(menus.done()));
    }

    private static boolean isListOf(MenuRow row, String topic) {
        return row instanceof MenuRow.Item item
                && item.kind() instanceof ItemKind.PageList list
                && list.source().equals(new ListSource.OfTopic(topic));
    }

    /** What a zone says for the topic that takes the pages in stays. */
    private static void alterAssignments(Draft draft, String topic, @Nullable String name) {
        Site site = draft.site();
        List<Assignment> assignments = new ArrayList<>();
        int gone = 0;
        for (Assignment assignment : site.assignments()) {
            if (!assignment.scope().equals(new Scope.OfTopic(topic))) {
                assignments.add(assignment);
                continue;
            }
            Optional<Assignment> renamed = Optional.ofNullable(name)
                    .map(fresh -> new Assignment(assignment.zone(), new Scope.OfTopic(fresh), assignment.says()))
                    .filter(fresh -> site.findAssignment(fresh.key()).isEmpty());
            renamed.ifPresent(assignments::add);
            gone += renamed.isPresent() ? 0 : 1;
        }
        draft.become(site.withAssignments(assignments));
        if (gone > 0) {
            draft.tell(new Notice.ExceptionsGo(gone));
        }
    }
}
