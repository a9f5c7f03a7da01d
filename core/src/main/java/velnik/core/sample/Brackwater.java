package velnik.core.sample;

import java.time.LocalDate;
import java.time.MonthDay;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Slugs;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.change.SortingChange;
import velnik.core.edit.Changes;
import velnik.core.exchange.IndentedText;
import velnik.core.exchange.OutlineImport;
import velnik.core.outline.Place;
import velnik.core.site.EnquiryForm;
import velnik.core.site.Limits;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.core.site.WhenClosed;

/**
 * Brackwater Boatyard, a made-up family boatyard on a tidal creek: 49 pages besides the built-in ones, and seven menus. Made by the same changes an
 * owner would make.
 */
public final class Brackwater {

    /**
     * A page a line: title, then after bars its signs and its summary. Signs: {@code link} by link only, {@code held}
     * held back, {@code group}, {@code unsearched} kept from search engines.
     */
    private static final String PAGES = """
            Home | | Boats to hire, boats to mend and a mooring out of the wind, on the Brack since 1961.
            Hire | | Canoes, kayaks and rowing skiffs by the tide, the half day or the day.
              Canoes | | Nine open canoes for two or three, out and back on one tide.
              Kayaks | | Singles and doubles, with a dry bag and a chart of the creek.
              Rowing skiffs | | Four clinker skiffs, varnished every spring, for unhurried rowers.
              Prices | | What an hour, a tide and a day cost, deposits included.
              Safety on the tide | | When to go, when to turn, and whom to call.
              Group bookings | link | For schools, crews and birthdays of eight or more.
            Repairs | | Carvel, clinker, ply or glass: dried out, surveyed, and told straight what it needs.
              Hulls | | Planks, frames and skins, from a scrape to a rebuild.
                Wooden hulls | | Steaming, scarfing and caulking under cover.
                Fibreglass | | Blisters dried, cracks ground out, gelcoat matched.
              Engines | | Serviced afloat or lifted out, any make.
                Outboards | | Two-stroke and four-stroke, two to sixty horsepower.
                Inboards | | Diesels overhauled, shafts aligned, seals renewed.
                Electric conversion | | Quiet propulsion for day boats, fitted in two weeks.
                  Batteries | | Which chemistry, how many, and where they sit.
                  Range calculator | | How far a charge takes you against the ebb.
                Winter service | | Drained, flushed, oiled and wrapped before the first frost.
              Sails and rigging | | Splices, standing rigging and sails cut to measure.
              Insurance work | link | Surveys and estimates as your insurer wants them.
            Moorings | group | A berth for a night, a season or a winter.
              Swinging moorings | | Twenty-two buoys in the pool, four metres at low water.
              Pontoon berths | | Walk ashore with dry feet; water and power on each finger.
              Winter storage | | Ashore in cradles, or afloat in the basin.
              Waiting list | | Where you stand on it, and how to join.
            Slipway Café | | Coffee, soup and cake on the slip, open when the flag flies.
              Menu of the week | | What the kitchen makes of what came in.
              Cakes to order | | Baked overnight, collected by noon.
              Evening suppers | | One long table, two sittings, by the light of the water.
            Courses | group | A day, an evening or a week of learning by doing.
              First paddle | | Three hours from the slip to the first bend and back.
              Reading the tide | | An evening with tables, charts and a bucket.
              Knots in an evening | | Eight knots you will use, and one for show.
              Junior week | held | Five days afloat for ten to fourteen year olds.
            News | | What is going on at the yard.
              New pontoon open | | Twelve more berths, and a tap that works.
              Apprentice wanted | | Two years, paid, with the saw and the spokeshave.
              Spring tides in March | | The highest water of the year, and what it covers.
              Varnish day | | Bring a brush, leave with lunch.
            About us | | Eleven people in summer, five in winter, one dog all year.
              The crew | | Who answers the phone, and who mends the boats.
              A short history | | Three sheds, two floods and a great deal of varnish.
              Find us | | Down the lane, past the church, until the road gets wet.
            Summer regatta | held | A Saturday of races that nobody takes quite seriously.
            Members' handbook | link | Keys, codes and customs for those with a mooring.
            Contact | | Ring 01632 960 983 or write to yard@brackwater.example.
            Terms of hire | | What you agree to when you take a boat.
            Privacy | unsearched | What we keep about you, and for how long.
            """;

    static final String TIDE_NOTES = "tide notes";

    /** What lies in the bin, with what it stood under. Two removals have the same title. */
    private static final List<Map.Entry<String, String>> BIN = List.of(
            Map.entry("Bait shop", ""),
            Map.entry("Old price list", "Hire"),
            Map.entry("Canoe trips 2024", "Hire"),
            Map.entry("Old price list", "Repairs"));

    private Brackwater() {}

    /** From nothing to the whole site, in order. */
    public static List<Change> changes() {
        List<Change> changes = new ArrayList<>();
        changes.add(new Change.BeginSite(
                "Brackwater Boatyard",
                "https://brackwater.example",
                ZoneId.of("Europe/London"),
                BrackwaterMenus.MAIN,
                BrackwaterMenus.LIST));
        changes.add(Change.SetDetails.NONE
                .with()
                .phone("01632 960 983")
                .mail("yard@brackwater.example")
                .postal("The Slip, Brackwater Lane\nBrackwater")
                .hours("""
                        Mon–Fri 8:30–17:30
                        Sat 9–13
                        Sun closed
                        25–26 December closed
                        1 January closed
                        31 August 2026 9–13 Regatta""")
                .position("51.7312, 0.6853")
                .channels(List.of(
                        new Change.SetDetails.Channel("Films", "https://films.example/brackwater", "film"),
                        new Change.SetDetails.Channel("Talk on the river", "https://talk.example/brack", "speech"),
                        new Change.SetDetails.Channel("The tide by the hour", "https://tides.example/brack", "wave")))
                .build());
        changes.add(pages());
        changes.add(new Change.AddBuiltInPages());
        changes.addAll(news());
        changes.add(new Change.SetLock(List.of(id("Safety on the tide"), id("Terms of hire"), id("Privacy")), true));
        changes.add(new Change.SetMembersOnly(List.of(id("Members' handbook")), true));
        changes.addAll(seasons());
        changes.addAll(BrackwaterFiles.changes());
        changes.add(enquiries());
        changes.addAll(BrackwaterMenus.changes());
        BIN.forEach(gone -> changes.addAll(removed(gone.getKey(), gone.getValue(), "bin-" + changes.size())));
        return changes;
    }

    private static List<Change> news() {
        return List.of(
                dated("New pontoon open", "2026-05-18"),
                about("New pontoon open", "news"),
                dated("Apprentice wanted", "2026-04-27"),
                about("Apprentice wanted", "news", "workshop"),
                dated("Spring tides in March", "2026-03-02"),
                about("Spring tides in March", "news", TIDE_NOTES),
                dated("Varnish day", "2026-02-14"),
                about("Varnish day", "news", "workshop"),
                about("Safety on the tide", TIDE_NOTES),
                about("Reading the tide", TIDE_NOTES),
                about("Menu of the week", "café"));
    }

    private static Change enquiries() {
        return new Change.SetForm(
                id("Group bookings"),
                List.of(
                        new Change.FormField(EnquiryForm.Kind.NAME, "Your name", true, List.of()),
                        new Change.FormField(EnquiryForm.Kind.MAIL, "Mail address", true, List.of()),
                        new Change.FormField(EnquiryForm.Kind.PHONE, "Phone", false, List.of()),
                        new Change.FormField(EnquiryForm.Kind.DATE, "Day you have in mind", false, List.of()),
                        new Change.FormField(
                                EnquiryForm.Kind.CHOICE,
                                "How many of you",
                                true,
                                List.of("Up to eight", "Nine to sixteen", "More than sixteen")),
                        new Change.FormField(EnquiryForm.Kind.WORDS, "What you would like to do", false, List.of())));
    }

    private static List<Change> seasons() {
        return List.of(
                yearly("Rowing skiffs", MonthDay.of(4, 1), MonthDay.of(10, 15)),
                yearly("Winter service", MonthDay.of(11, 1), MonthDay.of(3, 1)),
                yearly("Evening suppers", MonthDay.of(5, 1), MonthDay.of(8, 31)),
                new Change.SetWhenClosed(List.of(id("Rowing skiffs"), id("Evening suppers")), WhenClosed.OPENS_AGAIN));
    }

    private static Change yearly(String title, MonthDay first, MonthDay last) {
        return new Change.SetPeriods(List.of(id(title)), List.of(Period.yearly(first, last)));
    }

    private static Change dated(String title, String date) {
        return new Change.SetDate(List.of(id(title)), LocalDate.parse(date));
    }

    private static Change about(String title, String... topics) {
        return new SortingChange.SetTopics(List.of(id(title)), Set.of(topics), Set.of());
    }

    /** A page of other days, made and then removed. */
    private static List<Change> removed(String title, String parent, String removal) {
        PageId page = new PageId(removal + "-page");
        return List.of(
                new Change.AddPages(List.of(
                        Change.NewPage.open(page, Place.firstUnder(parent.isEmpty() ? null : id(parent)), title))),
                Change.RemovePages.of(new RemovalId(removal), List.of(page), Change.Subpages.GO_TOO));
    }

    /** The whole site, as {@link #changes} make it. */
    public static Site site() {
        return switch (Changes.applyAll(Site.bare(), changes(), Circumstances.NOBODY)) {
            case Outcome.Applied applied -> applied.site();
            case Outcome.Refused refused ->
                throw new IllegalStateException(refused.why().sentence());
        };
    }

    /** The texts its pages name. */
    public static Map<TextHash, String> texts() {
        Map<TextHash, String> texts = new HashMap<>();
        BrackwaterTexts.BY_TITLE.values().forEach(text -> texts.put(TextHash.of(text), text));
        return texts;
    }

    /** The id of the page with this title. */
    public static PageId id(String title) {
        return switch (title) {
            case "Search" -> Site.idOfBuiltIn(PageKind.SEARCH);
            case "Page index" -> Site.idOfBuiltIn(PageKind.PAGE_INDEX);
            case "Sign in" -> Site.idOfBuiltIn(PageKind.SIGN_IN);
            case "Not found" -> Site.idOfBuiltIn(PageKind.NOT_FOUND);
            default -> new PageId(Slugs.fromTitle(title));
        };
    }

    private static Change.AddPages pages() {
        List<IndentedText.Line> lines = IndentedText.parse(PAGES, Limits.PAGES);
        Change.AddPages plain = OutlineImport.addingPages(
                lines, Place.top(), number -> id(fields(lines.get(number).title())[0]));
        return new Change.AddPages(
                plain.pages().stream().map(Brackwater::dressed).toList());
    }

    private static Change.NewPage dressed(Change.NewPage page) {
        String[] fields = fields(page.title());
        String title = fields[0];
        String signs = fields[1];
        @Nullable String text = BrackwaterTexts.BY_TITLE.get(title);
        return new Change.NewPage(
                page.id(),
                page.place(),
                signs.contains("group") ? PageKind.GROUP : PageKind.PAGE,
                title,
                null,
                signs.contains("held") ? Reach.HELD_BACK : signs.contains("link") ? Reach.BY_LINK_ONLY : Reach.OPEN,
                signs.contains("unsearched"),
                fields[2],
                text == null ? null : TextHash.of(text));
    }

    private static String[] fields(String line) {
        String[] fields = line.split("\\|", -1);
        return new String[] {fields[0].strip(), fields[1].strip(), fields[2].strip()};
    }
}
