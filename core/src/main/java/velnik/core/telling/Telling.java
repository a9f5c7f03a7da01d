package velnik.core.telling;

import static java.util.stream.Collectors.joining;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.explanation.Labels;
import velnik.core.explanation.Words;
import velnik.core.outline.Outline;
import velnik.core.outline.Place;
import velnik.core.reach.Days;
import velnik.core.site.PageId;
import velnik.core.site.Removal;
import velnik.core.site.Site;
import velnik.core.site.WhenClosed;

/**
 * How changes are told: by a title that names them in undo, and by a sentence that says what happened.
 */
public record Telling(String title, String sentence) {

    /** Of several changes at once, the first are told one by one. */
    public static final int TOLD = 3;

    /**
     * Of an edit of one or several changes.
     *
     * @param first the tellings of the first changes, at most {@value #TOLD}
     * @param count of all changes
     */
    public static Telling together(List<Telling> first, int count) {
        String title = first.getFirst().title();
        return new Telling(
                count == 1 ? title : title + " and " + (count - 1) + " more",
                first.stream().map(Telling::sentence).collect(joining(" ")));
    }

    /** @param before the site before this change, {@code after} the one it made */
    public static Telling of(Change change, Site before, Site after) {
        return switch (change) {
            case Change.BeginSite begin -> new Telling("Begin the site", "The site is begun.");
            case Change.AddPages add -> added(add, after);
            case Change.AddBuiltInPages add ->
                new Telling("Add the built-in pages", "The pages that every site has were added.");
            case Change.RetitlePage retitle -> retitled(retitle.page(), before, after);
            case Change.SetSlug set -> addressed(set.page(), after);
            case Change.MovePages move -> moved(move, before, after);
            case Change.SetReach set -> reached(set, after);
            case Change.SetMembersOnly set -> {
                String what = some(after, set.pages());
                String whom = set.membersOnly() ? "members only" : "all visitors";
                yield new Telling(
                        "Keep " + what + " for " + whom,
                        what + (set.pages().size() == 1 ? " is for " : " are for ") + whom + ".");
            }
            case Change.SetLayout set -> {
                String what = some(after, set.pages());
                String layout = Words.layout(set.layout());
                yield new Telling(
                        "Give " + what + " the layout " + layout, what + " now has the layout " + layout + ".");
            }
            case Change.SetTopics set -> {
                String what = some(after, set.pages());
                yield new Telling(
                        "Change the topics of " + what,
                        what + (set.pages().size() == 1 ? " has" : " have") + " other topics.");
            }
            case Change.SetDate set -> {
                String what = some(after, set.pages());
                yield new Telling(
                        "Change the date of " + what,
                        what
                                + (set.pages().size() == 1 ? " has" : " have")
                                + (set.date() == null ? " no date any more." : " another date."));
            }
            case Change.SetPeriods set -> {
                String what = some(after, set.pages());
                String when = Days.periods(set.periods());
                yield new Telling(
                        "Set when " + what + (set.pages().size() == 1 ? " is" : " are") + " there",
                        what + (set.pages().size() == 1 ? " is" : " are") + " there " + when + ".");
            }
            case Change.SetWhenClosed set -> {
                String what = some(after, set.pages());
                String closed = what + " while closed";
                yield new Telling(
                        "Set what visitors get of " + closed,
                        "At the address of " + closed + ", visitors "
                                + (set.whenClosed() == WhenClosed.NOT_FOUND
                                        ? "get “not found”."
                                        : "read when it opens again."));
            }
            case Change.SetTimeZone set ->
                new Telling(
                        "Set the time zone to " + set.timeZone(), "Days begin and end as in " + set.timeZone() + ".");
            case Change.SetLock set -> {
                String what = some(after, set.pages());
                String now =
                        (set.pages().size() == 1 ? " is " : " are ") + (set.locked() ? "" : "no longer ") + "locked.";
                yield new Telling((set.locked() ? "Lock " : "Unlock ") + what, what + now);
            }
            case Change.SetSearchEngines set -> {
                String what = some(after, set.pages());
                yield set.mayList()
                        ? new Telling("Let search engines list " + what, "Search engines may list " + what + ".")
                        : new Telling(
                                "Ask search engines to leave out " + what,
                                "Search engines are asked to leave out " + what + ".");
            }
            case Change.RemovePages remove ->
                removed(some(before, remove.pages()), remove.pages().size());
            case Change.Restore restore -> restored(restore, before);
            case Change.EmptyBin empty -> {
                int count = before.bin().size() - after.bin().size();
                String what = count == 1 ? "1 removal" : count + " removals";
                yield new Telling("Empty the bin of " + what, "The bin is emptied of " + what + ".");
            }
            case MenuChange menus -> MenuTelling.of(menus, before, after);
        };
    }

    /** Told by the pages that the others came under. */
    private static Telling added(Change.AddPages add, Site after) {
        Set<PageId> fresh = add.pages().stream().map(Change.NewPage::id).collect(Collectors.toSet());
        List<Change.NewPage> tops = add.pages().stream()
                .filter(page -> !fresh.contains(page.place().parent()))
                .toList();
        String what = tops.size() == 1 ? title(after, tops.getFirst().id()) : tops.size() + " pages";
        String where = under(after, tops.getFirst().place().parent());
        int beneath = fresh.size() - tops.size();
        String more = beneath == 0
                ? ""
                : " with " + beneath + (beneath == 1 ? " page" : " pages") + " beneath"
                        + (tops.size() == 1 ? " it" : " them");
        return new Telling("Add " + what + more + where, what + " added" + where + more + ".");
    }

    private static Telling retitled(PageId page, Site before, Site after) {
        String old = title(before, page);
        String fresh = title(after, page);
        return new Telling("Retitle " + old + " to " + fresh, old + " is now " + fresh + ".");
    }

    private static Telling addressed(PageId page, Site after) {
        String title = title(after, page);
        String address = Addresses.of(after, page);
        return new Telling("Set the address of " + title, title + " is now at " + address + ".");
    }

    private static Telling moved(Change.MovePages move, Site before, Site after) {
        String what = some(after, move.pages());
        if (stay(before.pages(), after.pages(), move.pages())) {
            return stayed(what, move.pages().size());
        }
        boolean stays = move.pages().stream()
                .allMatch(page ->
                        before.pages().parentOf(page).equals(after.pages().parentOf(page)));
        String where =
                stays ? along(move.place(), after) : under(after, move.place().parent());
        return new Telling("Move " + what + where, what + " moved" + where + ".");
    }

    /** Whether rows that were to move are where they were. */
    static <K, V> boolean stay(Outline<K, V> before, Outline<K, V> after, List<K> moved) {
        return before.placesOf(moved).equals(after.placesOf(moved));
    }

    static Telling stayed(String what, int count) {
        return new Telling("Move " + what, what + (count == 1 ? " stays where it is." : " stay where they are."));
    }

    private static Telling reached(Change.SetReach set, Site after) {
        String what = some(after, set.pages());
        return switch (set.reach()) {
            case OPEN -> new Telling("Open " + what, what + (set.pages().size() == 1 ? " is" : " are") + " open.");
            case BY_LINK_ONLY -> new Telling(what + " by link only", what + " can be reached by link only.");
            case HELD_BACK ->
                new Telling("Hold back " + what, what + (set.pages().size() == 1 ? " is" : " are") + " held back.");
        };
    }

    static Telling removed(String what, int count) {
        return new Telling("Remove " + what, Words.opening(what) + (count == 1 ? " is" : " are") + " in the bin.");
    }

    private static Telling restored(Change.Restore restore, Site before) {
        Removal removal = before.findRemoval(restore.removal()).orElseThrow();
        int parts = removal.pages().size() + removal.rows().size();
        String first = Labels.of(before, removal);
        String what = parts == 1 ? first : first + " and " + (parts - 1) + " more";
        return new Telling("Put " + what + " back", Words.opening(what) + (parts == 1 ? " is" : " are") + " back.");
    }

    private static String some(Site site, List<PageId> pages) {
        String first = title(site, pages.getFirst());
        return pages.size() == 1 ? first : first + " and " + (pages.size() - 1) + " more";
    }

    private static String under(Site site, @Nullable PageId parent) {
        return parent == null ? " to the top level" : " under " + title(site, parent);
    }

    private static String along(Place<PageId> place, Site site) {
        if (place.after() != null) {
            return " after " + title(site, place.after());
        }
        return place.parent() == null ? " to the beginning" : " to the beginning of " + title(site, place.parent());
    }

    private static String title(Site site, PageId page) {
        return site.pages().get(page).title();
    }
}
