package velnik.core.explanation;

import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import velnik.core.navigation.ZoneDecision;
import velnik.core.site.Appearance;
import velnik.core.site.Assignment;
import velnik.core.site.Device;
import velnik.core.site.Joining;
import velnik.core.site.Layout;
import velnik.core.site.ListOrder;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.WhenClosed;
import velnik.core.site.Zone;

/** What zones, scopes and the like are called in sentences. */
public final class Words {
    private Words() {}

    /** As a sentence begins. */
    public static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** What something is called, as a sentence begins; a label, a title or an address stays as it is written. */
    public static String opening(String name) {
        return name.startsWith("the ") ? capital(name) : name;
    }

    public static String zone(Zone zone) {
        return switch (zone) {
            case HEADER -> "the header";
            case ABOVE -> "the zone above the text";
            case SIDEBAR -> "the sidebar";
            case BESIDE -> "the zone beside the text";
            case BELOW -> "the zone below the text";
            case FOOTER -> "the footer";
            case PHONE_DRAWER -> "the phone drawer";
        };
    }

    public static String visitors(Set<Visitor> visitors) {
        return visitors.size() > 1
                ? "all visitors"
                : visitors.contains(Visitor.MEMBER) ? "members" : "visitors who are not members";
    }

    public static String scope(Site site, Scope scope) {
        return switch (scope) {
            case Scope.Everywhere all -> "every page";
            case Scope.Section(PageId page) -> title(site, page) + " and what is under it";
            case Scope.OfLayout(Layout layout) -> "pages of the layout " + layout(layout);
            case Scope.OfTopic(String topic) -> "the listing of the topic " + topic;
            case Scope.Pages(Set<PageId> pages) ->
                pages.stream().map(page -> title(site, page)).sorted().collect(joining(", "));
        };
    }

    /** Which pages a list yields. */
    public static String source(Site site, ListSource source) {
        return switch (source) {
            case ListSource.WholeTree all -> "the whole page tree";
            case ListSource.Under(PageId page) -> "what is under " + title(site, page);
            case ListSource.UnderVisited here -> "what is under the visited page";
            case ListSource.OfTopic(String topic) -> "pages of the topic " + topic;
            case ListSource.Newest newest -> "the newest pages";
        };
    }

    /** Where the pages are that a menu takes in, as in "new pages under Repairs". */
    public static String from(Site site, Joining.From from) {
        return switch (from) {
            case Joining.From.Nowhere nowhere -> "nowhere";
            case Joining.From.TopLevel top -> "at the top level";
            case Joining.From.Section(PageId page) -> "under " + title(site, page);
            case Joining.From.Everywhere all -> "anywhere on the site";
        };
    }

    public static String kind(PageKind kind) {
        return switch (kind) {
            case PAGE -> "page";
            case GROUP -> "group";
            case SEARCH -> "search";
            case PAGE_INDEX -> "page index";
            case SIGN_IN -> "sign-in page";
            case NOT_FOUND -> "page where there is none";
        };
    }

    public static String reach(Reach reach) {
        return switch (reach) {
            case OPEN -> "open";
            case BY_LINK_ONLY -> "by link only";
            case HELD_BACK -> "held back";
        };
    }

    public static String whenClosed(WhenClosed whenClosed) {
        return switch (whenClosed) {
            case NOT_FOUND -> "not found";
            case OPENS_AGAIN -> "when it opens again";
        };
    }

    public static String devices(Set<Device> devices) {
        return devices.size() > 1 ? "every device" : devices.contains(Device.PHONE) ? "phones" : "wide screens";
    }

    public static String weight(Appearance.Weight weight) {
        return switch (weight) {
            case PLAIN -> "plain";
            case STRONG -> "strong";
            case BUTTON -> "button";
        };
    }

    public static String order(ListOrder order) {
        return switch (order) {
            case TREE -> "as in the page tree";
            case TITLE -> "by title";
            case NEWEST -> "newest first";
        };
    }

    public static String spot(Joining.Spot spot) {
        return switch (spot) {
            case AS_IN_TREE -> "as in the page tree";
            case AT_END -> "at the end";
        };
    }

    public static String layout(Layout layout) {
        return layout.name().toLowerCase(Locale.ROOT);
    }

    /** What an assignment makes of its zone, as in "shows Main" or "adds Tides after". */
    public static String says(Site site, Assignment.Says says) {
        return switch (says) {
            case Assignment.Says.Instead(List<PlacedMenu> menus) ->
                menus.isEmpty() ? "shows no menu" : "shows " + menus(site, menus);
            case Assignment.Says.Around(List<PlacedMenu> before, List<PlacedMenu> after) -> {
                String first = before.isEmpty() ? "" : menus(site, before) + " before";
                String last = after.isEmpty() ? "" : menus(site, after) + " after";
                yield "adds " + first + (first.isEmpty() || last.isEmpty() ? "" : " and ") + last
                        + " what stands there anyway";
            }
        };
    }

    /** Why a zone holds what it holds: first what decides, then what adds to it, then what was overruled. */
    public static List<String> why(Site site, ZoneDecision decision) {
        List<String> sentences = new ArrayList<>();
        if (decision.fromHeader()) {
            sentences.add("The phone drawer shows what the header shows.");
        }
        for (ZoneDecision.Verdict verdict : ZoneDecision.Verdict.values()) {
            for (ZoneDecision.Step step : decision.steps()) {
                if (step.verdict() == verdict) {
                    sentences.add(why(site, step));
                }
            }
        }
        return sentences.isEmpty() ? List.of("No menu is assigned to this zone.") : sentences;
    }

    private static String why(Site site, ZoneDecision.Step step) {
        String scope = scope(site, step.assignment().scope());
        String what = says(site, step.assignment().says());
        String sentence = Character.toUpperCase(scope.charAt(0)) + scope.substring(1) + " " + what;
        return step.verdict() == ZoneDecision.Verdict.OVERRULED ? sentence + ", which is overruled." : sentence + ".";
    }

    private static String menus(Site site, List<PlacedMenu> menus) {
        return menus.stream().map(placed -> menu(site, placed.menu())).collect(joining(", "));
    }

    /** A menu's name, even when it lies in the bin. */
    public static String menu(Site site, MenuRowId id) {
        return site.menus().find(id).orElse(null) instanceof MenuRow.Menu menu
                ? menu.name()
                : site.findRemoved(id)
                        .map(row -> Labels.of(site, row) + " (in the bin)")
                        .orElse("a menu that is gone");
    }

    /** A page's title, even when it lies in the bin. */
    public static String title(Site site, PageId id) {
        return site.pages()
                .find(id)
                .map(Page::title)
                .or(() -> site.findRemoved(id).map(page -> page.title() + " (in the bin)"))
                .orElse("a page that is gone");
    }
}
