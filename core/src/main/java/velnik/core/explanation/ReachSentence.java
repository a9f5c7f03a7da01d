package velnik.core.explanation;

import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import velnik.core.navigation.Showing;
import velnik.core.navigation.SiteNavigation;
import velnik.core.reach.Access;
import velnik.core.reach.Days;
import velnik.core.reach.Openings;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.text.Messages;

/** Says in one sentence who can reach a page, and how. */
public final class ReachSentence {
    private static final Messages WORDS = Messages.of(ReachSentence.class);

    private ReachSentence() {}

    /** @param navigation of this site, at the moment asked about */
    public static String of(Site site, SiteNavigation navigation, PageId id) {
        Page page = site.pages().get(id);
        Openings openings = navigation.openings();
        Access access = Access.of(site, id, openings);
        if (page.kind() == PageKind.NOT_FOUND) {
            return WORDS.say("notFound", Map.of("menus", menus(site, navigation, id, access)));
        }
        if (access.closedBy() != null) {
            return closed(site, id, access.closedBy(), openings);
        }
        if (!access.isGettable()) {
            @Nullable PageId above = access.limitedBy();
            return above == null
                    ? WORDS.say("heldBack.itself")
                    : WORDS.say("heldBack.above", Map.of("above", titleOf(site, above)));
        }
        Optional<String> until =
                Access.closesNext(site, id, openings).map(moment -> Days.ENGLISH.closing(moment, openings.zone()));
        return WORDS.say(
                until.isEmpty() ? "gettable" : "gettable.until",
                Map.of(
                        "who", page.kind() == PageKind.GROUP ? leadsOn(site, id, openings) : who(site, id, access),
                        "until", until.orElse(""),
                        "menus", menus(site, navigation, id, access),
                        "engines", WORDS.say("engines." + engines(page, access))));
    }

    private static String who(Site site, PageId id, Access access) {
        String address = access.reach() == Reach.BY_LINK_ONLY ? ".address" : "";
        @Nullable PageId membersBy = access.membersBy();
        String who = WORDS.say((membersBy == null ? "anyone" : "members") + address);
        return membersBy == null || membersBy.equals(id)
                ? who
                : WORDS.say("members.above", Map.of("who", who, "above", titleOf(site, membersBy)));
    }

    private static String closed(Site site, PageId id, PageId closedBy, Openings openings) {
        String until = Days.ENGLISH.until(Access.opensAgain(site, id, openings), openings.zone());
        String address = Access.isAnnounced(site, id, openings) ? "address.announces" : "address.notFound";
        return WORDS.say(
                closedBy.equals(id) ? "closed.itself" : "closed.above",
                Map.of("above", titleOf(site, closedBy), "until", until, "address", WORDS.say(address)));
    }

    private static String leadsOn(Site site, PageId group, Openings openings) {
        return Access.leadsOnTo(site, group, openings, Visitor.MEMBER)
                .map(first -> WORDS.say("group.leadsOn", Map.of("first", titleOf(site, first))))
                .orElseGet(() -> WORDS.say("group.empty"));
    }

    private static String menus(Site site, SiteNavigation navigation, PageId id, Access access) {
        List<Showing> showings = navigation.showingsOf(id);
        if (!showings.isEmpty()) {
            Map<String, List<String>> zones = new TreeMap<>();
            showings.forEach(showing -> zones.computeIfAbsent(showing.menuName(), name -> new ArrayList<>())
                    .add(zone(showing)));
            return zones.entrySet().stream()
                    .map(menu -> WORDS.say("menus.shows", Map.of("menu", menu.getKey(), "zones", menu.getValue())))
                    .collect(joining(", "));
        }
        @Nullable PageId unlistedBy = access.unlistedBy();
        return access.reach() == Reach.OPEN && unlistedBy != null
                ? WORDS.say("menus.unlisted", Map.of("above", titleOf(site, unlistedBy)))
                : WORDS.say("menus.none");
    }

    private static String zone(Showing showing) {
        String zone = Words.zone(showing.zone());
        return showing.everywhere() ? zone : WORDS.say("menus.somePages", Map.of("zone", zone));
    }

    private static String engines(Page page, Access access) {
        if (access.membersBy() != null) {
            return "none";
        }
        return page.keptFromSearchEngines() ? "asked" : "may";
    }

    private static String titleOf(Site site, PageId page) {
        return site.pages().get(page).title();
    }
}
