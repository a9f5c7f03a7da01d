package velnik.core.explanation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.hours.HoursLines;
import velnik.core.navigation.ZoneDecision;
import velnik.core.site.Appearance;
import velnik.core.site.Assignment;
import velnik.core.site.Channel;
import velnik.core.site.Device;
import velnik.core.site.EnquiryForm;
import velnik.core.site.FileId;
import velnik.core.site.Forward;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.ListOrder;
import velnik.core.site.ListSource;
import velnik.core.site.Look;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.NewPages;
import velnik.core.site.OpeningHours;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.core.site.Token;
import velnik.core.site.TypePair;
import velnik.core.site.Visitor;
import velnik.core.site.WhenClosed;
import velnik.core.site.Zone;
import velnik.core.text.Messages;

/** What zones, scopes and the like are called in sentences. */
public final class Words {
    private static final Messages WORDS = Messages.of(Words.class);

    private Words() {}

    /** As a sentence begins. */
    public static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** What something is called, as a sentence begins; a label, a title or an address stays as it is written. */
    public static String opening(String name) {
        return name.startsWith("the ") ? capital(name) : name;
    }

    /** Which addresses a forward is from. */
    public static String source(Site site, Forward.Source from) {
        return switch (from) {
            case Forward.Source.At(String address) -> address;
            case Forward.Source.Beneath(String address) -> WORDS.say("source.beneath", Map.of("address", address));
            case Forward.Source.OfRemoved(PageId page) ->
                WORDS.say(
                        "source.ofRemoved",
                        Map.of("title", site.findRemoved(page).map(Page::title).orElse("")));
            case Forward.Source.OfTopic(String topic) -> WORDS.say("source.ofTopicGone", Map.of("topic", topic));
        };
    }

    /** Where a forward leads. */
    public static String target(Site site, Forward.Target to) {
        return switch (to) {
            case Forward.Target.ToPage(PageId page) -> title(site, page);
            case Forward.Target.ToTopic(String topic) -> WORDS.say("OfTopic", Map.of("topic", topic));
            case Forward.Target.Outside(String address) -> address;
            case Forward.Target.Gone gone -> WORDS.say("target.gone");
        };
    }

    public static String zone(Zone zone) {
        return WORDS.say(zone);
    }

    public static String visitors(Set<Visitor> visitors) {
        return visitors.size() > 1
                ? WORDS.say("visitors.all")
                : WORDS.say(visitors.iterator().next());
    }

    public static String devices(Set<Device> devices) {
        return devices.size() > 1
                ? WORDS.say("devices.all")
                : WORDS.say(devices.iterator().next());
    }

    public static String kind(PageKind kind) {
        return WORDS.say(kind);
    }

    /** A language by its English name, of a BCP 47 tag. */
    public static String language(String tag) {
        return Locale.forLanguageTag(tag).getDisplayName(Locale.UK);
    }

    /** Its name, as that of a thing of its own. */
    public static String look(Look look) {
        return WORDS.say("look." + look.name());
    }

    /** As in "the accent". */
    public static String token(Token token) {
        return WORDS.say("token." + token.name());
    }

    /** @param value null for the look's own */
    public static String tokenValue(Token token, @Nullable String value) {
        if (value == null) {
            return WORDS.say(token.kind().isOfLook() ? "token.value" : "token.without." + token.kind());
        }
        return token.kind() == Token.Kind.TYPE
                ? type(TypePair.valueOf(value))
                : WORDS.say("token.value." + token.kind(), Map.of("value", value));
    }

    public static String type(TypePair type) {
        return WORDS.say("type." + type.name());
    }

    public static String reach(Reach reach) {
        return WORDS.say(reach);
    }

    public static String whenClosed(WhenClosed whenClosed) {
        return WORDS.say(whenClosed);
    }

    public static String weight(Appearance.Weight weight) {
        return WORDS.say(weight);
    }

    public static String relation(Appearance.Relation relation) {
        return WORDS.say(relation);
    }

    public static String arrangement(Appearance.Arrangement arrangement) {
        return WORDS.say(arrangement);
    }

    public static String panel(Appearance.Panel panel) {
        return WORDS.say(panel);
    }

    /** Where the caption of a picture stands, as in "above it". */
    public static String side(ItemKind.Block.Side side) {
        return WORDS.say(side);
    }

    public static String order(ListOrder order) {
        return WORDS.say(order);
    }

    public static String spot(Joining.Spot spot) {
        return WORDS.say(spot);
    }

    public static String layout(Site site, LayoutId id) {
        return id.isOfEverySite()
                ? WORDS.say("layout." + id)
                : site.findLayout(id).map(Layout::name).orElseGet(() -> WORDS.say("layoutGone"));
    }

    /** How new pages begin, as in "open, standard" or "held back, like Tide note". */
    public static String newPages(Site site, NewPages newPages) {
        @Nullable PageId model = newPages.model();
        return WORDS.say(
                model == null ? "newPages" : "newPages.model",
                Map.of(
                        "reach", reach(newPages.reach()),
                        "layout", layout(site, newPages.layout()),
                        "model", model == null ? "" : title(site, model)));
    }

    public static String scope(Site site, Scope scope) {
        return switch (scope) {
            case Scope.Everywhere all -> WORDS.say("Everywhere");
            case Scope.Section(PageId page) -> WORDS.say("Section", Map.of("page", title(site, page)));
            case Scope.OfLayout(LayoutId layout) -> WORDS.say("OfLayout", Map.of("layout", layout(site, layout)));
            case Scope.OfTopic(String topic) -> WORDS.say("OfTopic", Map.of("topic", topic));
            case Scope.Pages(Set<PageId> pages) ->
                WORDS.list(
                        pages.stream().map(page -> title(site, page)).sorted().toList());
        };
    }

    /** Which pages a list yields. */
    public static String source(Site site, ListSource source) {
        return WORDS.say(
                "source." + source.getClass().getSimpleName(),
                switch (source) {
                    case ListSource.Under(PageId page) -> Map.of("page", title(site, page));
                    case ListSource.OfTopic(String topic) -> Map.of("topic", topic);
                    case ListSource.WholeTree all -> Map.of();
                    case ListSource.UnderVisited here -> Map.of();
                    case ListSource.Newest newest -> Map.of();
                });
    }

    /** Where the pages are that a menu takes in, as in "new pages under Repairs". */
    public static String from(Site site, Joining.From from) {
        return WORDS.say(
                "from." + from.getClass().getSimpleName(),
                from instanceof Joining.From.Section(PageId page) ? Map.of("page", title(site, page)) : Map.of());
    }

    /** What an assignment makes of its zone, as in "shows Main" or "adds Tides after". */
    public static String says(Site site, Assignment.Says says) {
        return switch (says) {
            case Assignment.Says.Instead(List<PlacedMenu> menus) ->
                menus.isEmpty()
                        ? WORDS.say("Instead.none")
                        : WORDS.say("Instead.some", Map.of("menus", menus(site, menus)));
            case Assignment.Says.Around(List<PlacedMenu> before, List<PlacedMenu> after) ->
                WORDS.say(
                        says.menus().isEmpty()
                                ? "Around.none"
                                : after.isEmpty() ? "Around.before" : before.isEmpty() ? "Around.after" : "Around.both",
                        Map.of("before", menus(site, before), "after", menus(site, after)));
        };
    }

    /** Why a zone holds what it holds: first what decides, then what adds to it, then what was overruled. */
    public static List<String> why(Site site, ZoneDecision decision) {
        List<String> sentences = new ArrayList<>();
        if (decision.fromHeader()) {
            sentences.add(WORDS.say("why.drawer"));
        }
        for (ZoneDecision.Verdict verdict : ZoneDecision.Verdict.values()) {
            for (ZoneDecision.Step step : decision.steps()) {
                if (step.verdict() == verdict) {
                    sentences.add(why(site, step));
                }
            }
        }
        return sentences.isEmpty() ? List.of(WORDS.say("why.nothing")) : sentences;
    }

    private static String why(Site site, ZoneDecision.Step step) {
        boolean overruled = step.verdict() == ZoneDecision.Verdict.OVERRULED;
        return WORDS.say(
                overruled ? "why.overruled" : "why.step",
                Map.of(
                        "scope", capital(scope(site, step.assignment().scope())),
                        "says", says(site, step.assignment().says())));
    }

    private static List<String> menus(Site site, List<PlacedMenu> menus) {
        return menus.stream().map(placed -> menu(site, placed.menu())).toList();
    }

    /** A menu's name, even when it lies in the bin. */
    public static String menu(Site site, MenuRowId id) {
        return site.menus().find(id).orElse(null) instanceof MenuRow.Menu menu
                ? menu.name()
                : site.findRemoved(id)
                        .map(row -> WORDS.say("inBin", Map.of("name", Labels.of(site, row))))
                        .orElseGet(() -> WORDS.say("menuGone"));
    }

    /** A page's title with the address of its slugs, which tells it from others of that title. */
    public static String titleAndAddress(Site site, PageId id) {
        return site.pages().contains(id) ? title(site, id) + " (" + Addresses.above(site, id) + ")" : title(site, id);
    }

    /** The fields of a form, in order. */
    public static String form(EnquiryForm form) {
        return WORDS.list(
                form.fields().stream().map(EnquiryForm.Field::toString).toList());
    }

    /** What the business is reached by; what it is called while nothing is typed for it. */
    public static String ofBusiness(Site site, ItemKind.Way way) {
        String typed = site.details().contact().by(way);
        return typed.isEmpty() ? WORDS.say(way) : typed;
    }

    /** As the owner reads them, on one line. */
    public static String hours(OpeningHours hours) {
        return hours.isNone() ? "none" : HoursLines.typed(hours).replace("\n", "; ");
    }

    /** Their names. */
    public static String channels(List<Channel> channels) {
        return channels.isEmpty()
                ? WORDS.say("channels")
                : WORDS.list(channels.stream().map(Channel::name).toList());
    }

    /** A file's name. */
    public static String file(Site site, FileId id) {
        return site.findFile(id).map(SiteFile::name).orElseGet(() -> WORDS.say("fileGone"));
    }

    /** A page's title, even when it lies in the bin. */
    public static String title(Site site, PageId id) {
        return site.pages()
                .find(id)
                .map(Page::title)
                .or(() -> site.findRemoved(id).map(page -> WORDS.say("inBin", Map.of("name", page.title()))))
                .orElseGet(() -> WORDS.say("pageGone"));
    }
}
