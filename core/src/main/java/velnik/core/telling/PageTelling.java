package velnik.core.telling;

import static velnik.core.telling.Telling.WORDS;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.change.Change;
import velnik.core.change.FileChange;
import velnik.core.change.LookChange;
import velnik.core.change.MenuChange;
import velnik.core.change.SortingChange;
import velnik.core.explanation.Labels;
import velnik.core.explanation.Words;
import velnik.core.forwarding.ForwardLooking;
import velnik.core.outline.Place;
import velnik.core.pages.Layouts;
import velnik.core.reach.Days;
import velnik.core.site.Forward;
import velnik.core.site.LayoutId;
import velnik.core.site.PageId;
import velnik.core.site.Removal;
import velnik.core.site.Site;
import velnik.core.site.WhenClosed;
import velnik.core.text.Line;

/** How changes of pages, of the bin and of the site itself are told. */
final class PageTelling {
    private final Site before;
    private final Site after;

    private PageTelling(Site before, Site after) {
        this.before = before;
        this.after = after;
    }

    static Telling of(Change change, Site before, Site after) {
        return new PageTelling(before, after).of(change);
    }

    private Telling of(Change change) {
        return switch (change) {
            case Change.BeginSite begin -> Telling.say("BeginSite", Map.of());
            case Change.AddPages add -> added(add);
            case Change.AddBuiltInPages add -> Telling.say("AddBuiltInPages", Map.of());
            case Change.RetitlePage retitle ->
                Telling.say(
                        "RetitlePage",
                        Map.of("old", title(before, retitle.page()), "fresh", title(after, retitle.page())));
            case Change.SetSummary set -> some("SetSummary", List.of(set.page()));
            case Change.SetForm set -> some(set.fields().isEmpty() ? "SetForm.none" : "SetForm", List.of(set.page()));
            case Change.SetPicture set -> some(set.picture() == null ? "SetPicture.none" : "SetPicture", set.pages());
            case Change.SetSearchWords set -> some("SetSearchWords", List.of(set.page()));
            case Change.SetPageWords set ->
                some(
                        "SetPageWords",
                        set.pages().stream().map(Change.PageWords::page).toList());
            case Change.SetText set -> some("SetText", List.of(set.page()));
            case Change.SetSlug set ->
                Telling.say("SetSlug", title(after, set.page()), 1, Map.of("address", Addresses.of(after, set.page())));
            case Change.SetSlugs set ->
                some("SetSlugs", set.pages().stream().map(Change.PageSlug::page).toList());
            case Change.MovePages move -> moved(move);
            case Change.SetReach set ->
                some(
                        switch (set.reach()) {
                            case OPEN -> "SetReach.open";
                            case BY_LINK_ONLY -> "SetReach.byLinkOnly";
                            case HELD_BACK -> "SetReach.heldBack";
                        },
                        set.pages());
            case Change.SetMembersOnly set ->
                some(set.membersOnly() ? "SetMembersOnly.members" : "SetMembersOnly.all", set.pages());
            case SortingChange.SetLayout set ->
                some("SetLayout", set.pages(), Map.of("layout", Words.layout(after, set.layout())));
            case SortingChange.AddLayout add ->
                Telling.say("AddLayout", Map.of("layout", layout(after, add.id()), "like", layout(before, add.like())));
            case SortingChange.RenameLayout rename ->
                Telling.say(
                        "RenameLayout",
                        Map.of("old", layout(before, rename.layout()), "fresh", layout(after, rename.layout())));
            case SortingChange.RemoveLayout remove ->
                Telling.say(
                        "RemoveLayout",
                        Map.of(
                                "layout",
                                layout(before, remove.layout()),
                                "instead",
                                layout(after, remove.instead()),
                                "count",
                                Layouts.having(before, remove.layout()).size()));
            case SortingChange.RenameTopic rename -> renamed(rename);
            case SortingChange.RemoveTopic remove ->
                Telling.say("RemoveTopic", Map.of("topic", remove.topic(), "count", having(before, remove.topic())));
            case Change.SetNewPages set ->
                Telling.say("SetNewPages", Map.of("how", Words.newPages(after, set.newPages())));
            case Change.SetModel set -> some(set.model() ? "SetModel.model" : "SetModel.none", set.pages());
            case SortingChange.SetTopics set -> some("SetTopics", set.pages());
            case SortingChange.SortPages sort ->
                some(
                        "SortPages",
                        sort.pages().stream()
                                .map(SortingChange.PageSorting::page)
                                .toList());
            case Change.SetDate set -> some(set.date() == null ? "SetDate.none" : "SetDate", set.pages());
            case Change.SetPeriods set ->
                some("SetPeriods", set.pages(), Map.of("when", Days.ENGLISH.periods(set.periods())));
            case Change.SetWhenClosed set ->
                some(
                        set.whenClosed() == WhenClosed.NOT_FOUND
                                ? "SetWhenClosed.notFound"
                                : "SetWhenClosed.opensAgain",
                        set.pages());
            case Change.SetTimeZone set ->
                Telling.say("SetTimeZone", Map.of("zone", set.timeZone().getId()));
            case Change.SetDetails set ->
                Telling.say(
                        "SetDetails",
                        Map.of("what", fieldsOf(set, "SetDetails.field"), "other", fieldsOf(set, "SetDetails.other")));
            case Change.SetLock set -> some(set.locked() ? "SetLock.locked" : "SetLock.unlocked", set.pages());
            case Change.SetSearchEngines set ->
                some(set.mayList() ? "SetSearchEngines.list" : "SetSearchEngines.leaveOut", set.pages());
            case Change.RemovePages remove ->
                Telling.say(
                        "Remove", some(before, remove.pages()), remove.pages().size());
            case Change.CopyPages copy -> copied(copy);
            case Change.SetHome set -> Telling.say("SetHome", title(after, set.page()), 1);
            case Change.SetGroup set -> some(set.group() ? "SetGroup.group" : "SetGroup.page", set.pages());
            case Change.BringBack back -> Telling.say("BringBack", Map.of("number", back.release()));
            case Change.BringSite bring -> Telling.say("BringSite", Map.of());
            case Change.SetForward set -> forwarded(set);
            case Change.AllowOrigins allow ->
                Telling.say(
                        "AllowOrigins",
                        Map.of(
                                "count",
                                after.details().allowedOrigins().size(),
                                "origins",
                                WORDS.list(after.details().allowedOrigins())));
            case Change.SetForwards set ->
                set.forwards().size() == 1
                        ? forwarded(set.forwards().getFirst())
                        : Telling.say(
                                "SetForwards", Map.of("count", set.forwards().size()));
            case Change.Restore restore -> restored(restore);
            case Change.EmptyBin empty ->
                Telling.say(
                        "EmptyBin",
                        Map.of("count", before.bin().size() - after.bin().size()));
            case MenuChange menus -> throw new IllegalArgumentException("a change of menus: " + menus);
            case LookChange looks -> throw new IllegalArgumentException("a change of looks: " + looks);
            case FileChange files -> throw new IllegalArgumentException("a change of files: " + files);
        };
    }

    /** The words of those that are set. */
    private static String fieldsOf(Change.SetDetails set, String words) {
        Map<String, Optional<?>> fields = new TreeMap<>(Map.of(
                "name", Optional.ofNullable(set.name()),
                "address", Optional.ofNullable(set.address()),
                "logo", Optional.ofNullable(set.logo()),
                "language", Optional.ofNullable(set.language()),
                "phone", Optional.ofNullable(set.phone()),
                "mail", Optional.ofNullable(set.mail()),
                "postal", Optional.ofNullable(set.postal()),
                "hours", Optional.ofNullable(set.hours()),
                "position", Optional.ofNullable(set.position()),
                "channels", Optional.ofNullable(set.channels())));
        return WORDS.list(fields.entrySet().stream()
                .filter(field -> field.getValue().isPresent())
                .map(field -> WORDS.say(words, Map.of("field", field.getKey())))
                .toList());
    }

    private Telling some(String kind, List<PageId> pages) {
        return some(kind, pages, Map.of());
    }

    private Telling some(String kind, List<PageId> pages, Map<String, ?> more) {
        return Telling.say(kind, some(after, pages), pages.size(), more);
    }

    /** Told by the pages that the others came under. */
    private Telling added(Change.AddPages add) {
        Set<PageId> fresh = add.pages().stream().map(Change.NewPage::id).collect(Collectors.toSet());
        List<Change.NewPage> tops = add.pages().stream()
                .filter(page -> !fresh.contains(page.place().parent()))
                .toList();
        int beneath = fresh.size() - tops.size();
        return Telling.say(
                "AddPages",
                tops.size() == 1
                        ? title(after, tops.getFirst().id())
                        : WORDS.say("AddPages.tops", Map.of("count", tops.size())),
                tops.size(),
                Map.of(
                        "beneath",
                        beneath,
                        "them",
                        beneath == 0 ? "" : WORDS.say("AddPages.them", Map.of("tops", tops.size())),
                        "where",
                        under(tops.getFirst().place().parent())));
    }

    /** The one that is there afterwards may have been there before. */
    private Telling renamed(SortingChange.RenameTopic rename) {
        String typed = Line.cleaned(rename.name());
        String name = after.topics().stream()
                .filter(typed::equalsIgnoreCase)
                .findFirst()
                .orElse(typed);
        return Telling.say(
                having(before, name) > 0 && !name.equals(rename.topic()) ? "RenameTopic.merged" : "RenameTopic",
                Map.of("old", rename.topic(), "fresh", name, "count", having(before, rename.topic())));
    }

    private static long having(Site site, String topic) {
        return site.pages().walk().stream()
                .filter(row -> row.value().topics().contains(topic))
                .count();
    }

    private static String layout(Site site, LayoutId layout) {
        return Words.layout(site, layout);
    }

    private Telling copied(Change.CopyPages copy) {
        return Telling.say(
                "CopyPages",
                title(before, copy.page()),
                copy.titles().size(),
                Map.of("pages", after.pages().size() - before.pages().size()));
    }

    private Telling forwarded(Change.SetForward set) {
        Forward.Source from = ForwardLooking.at(before).meant(set.from());
        String words = Words.source(before, from);
        return after.findForward(from)
                .map(forward -> Telling.say(
                        forward.to() instanceof Forward.Target.Gone ? "SetForward.gone" : "SetForward.leads",
                        Map.of(
                                "from",
                                words,
                                "opening",
                                Words.capital(words),
                                "to",
                                Words.target(after, forward.to()))))
                .orElseGet(() -> Telling.say("SetForward.none", Map.of("from", words)));
    }

    private Telling moved(Change.MovePages move) {
        if (Telling.stay(before.pages(), after.pages(), move.pages())) {
            return some("Stay", move.pages());
        }
        boolean sameParent = move.pages().stream()
                .allMatch(page ->
                        before.pages().parentOf(page).equals(after.pages().parentOf(page)));
        return some(
                "Move",
                move.pages(),
                Map.of(
                        "where",
                        sameParent ? along(move.place()) : under(move.place().parent())));
    }

    private Telling restored(Change.Restore restore) {
        Removal removal = before.findRemoval(restore.removal()).orElseThrow();
        int parts = removal.pages().size() + removal.rows().size();
        return Telling.say("Restore", Telling.some(Labels.of(before, removal), parts), parts);
    }

    private static String some(Site site, List<PageId> pages) {
        return Telling.some(title(site, pages.getFirst()), pages.size());
    }

    private String under(@Nullable PageId parent) {
        return parent == null
                ? WORDS.say("place.top")
                : WORDS.say("place.under", Map.of("parent", title(after, parent)));
    }

    private String along(Place<PageId> place) {
        if (place.after() != null) {
            return WORDS.say("after", Map.of("before", title(after, place.after())));
        }
        return place.parent() == null
                ? WORDS.say("place.first")
                : WORDS.say("place.firstUnder", Map.of("parent", title(after, place.parent())));
    }

    private static String title(Site site, PageId page) {
        return site.pages().get(page).title();
    }
}
