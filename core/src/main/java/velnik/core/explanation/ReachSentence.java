package velnik.core.explanation;

import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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

/** Says in one sentence who can reach a page, and how. */
public final class ReachSentence {
    private ReachSentence() {}

    /** @param navigation of this site, at the moment asked about */
    public static String of(Site site, SiteNavigation navigation, PageId id) {
        Page page = site.pages().get(id);
        Openings openings = navigation.openings();
        Access access = Access.of(site, id, openings);
        if (page.kind() == PageKind.NOT_FOUND) {
            return "Visitors get it at every address without a page; " + menus(site, navigation, id, access) + ".";
        }
        if (access.closedBy() != null) {
            return closed(site, id, access.closedBy(), openings);
        }
        if (!access.isGettable()) {
            return "Nobody can see it, because " + holder(site, access.limitedBy()) + " held back.";
        }
        String who = page.kind() == PageKind.GROUP ? leadsOn(site, id, openings) : who(site, id, access);
        who += Access.closesNext(site, id, openings)
                .map(moment -> " until " + Days.closing(moment, openings.zone()))
                .orElse("");
        return String.join("; ", List.of(who, menus(site, navigation, id, access), searchEngines(page, access))) + ".";
    }

    private static String who(Site site, PageId id, Access access) {
        String address = access.reach() == Reach.BY_LINK_ONLY ? " with the address" : "";
        @Nullable PageId membersBy = access.membersBy();
        if (membersBy == null) {
            return "Anyone" + address + " can open it";
        }
        return "Members" + address + " can open it once signed in"
                + (membersBy.equals(id)
                        ? ""
                        : ", because " + site.pages().get(membersBy).title() + " above it is for members only");
    }

    private static String closed(Site site, PageId id, PageId closedBy, Openings openings) {
        String because = closedBy.equals(id)
                ? "it is closed"
                : "it is closed with " + site.pages().get(closedBy).title() + " above it";
        String until = Days.until(Access.opensAgain(site, id, openings), openings.zone());
        boolean notice = Access.isAnnounced(site, id, openings);
        return "Nobody can see it now, because " + because + " " + until + "; its address "
                + (notice ? "says when it opens again" : "is not found") + ".";
    }

    private static String holder(Site site, @Nullable PageId ancestor) {
        return ancestor == null ? "it is" : site.pages().get(ancestor).title() + " above it is";
    }

    private static String leadsOn(Site site, PageId group, Openings openings) {
        return Access.leadsOnTo(site, group, openings, Visitor.MEMBER)
                .map(first -> "It has no content of its own, its address leads on to "
                        + site.pages().get(first).title())
                .orElse("It has no content of its own, and as nothing under it is open, its address is not found");
    }

    private static String menus(Site site, SiteNavigation navigation, PageId id, Access access) {
        List<Showing> showings = navigation.showingsOf(id);
        if (!showings.isEmpty()) {
            Map<String, List<Showing>> byMenu = new TreeMap<>();
            showings.forEach(standing -> byMenu.computeIfAbsent(standing.menuName(), name -> new ArrayList<>())
                    .add(standing));
            return byMenu.entrySet().stream()
                    .map(menu -> menu.getKey() + " shows it in "
                            + menu.getValue().stream()
                                    .map(standing -> Words.zone(standing.zone())
                                            + (standing.everywhere() ? "" : " of some pages"))
                                    .collect(joining(" and ")))
                    .collect(joining(", "));
        }
        if (access.reach() == Reach.OPEN && access.unlistedBy() != null) {
            return "no menu shows it, because "
                    + site.pages().get(access.unlistedBy()).title() + " above it is by link only";
        }
        return "no menu shows it";
    }

    private static String searchEngines(Page page, Access access) {
        if (access.membersBy() != null) {
            return "search engines do not see it";
        }
        return page.keptFromSearchEngines() ? "search engines are asked to leave it out" : "search engines may list it";
    }
}
