package velnik.core;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.fail;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.address.Slugs;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.change.Notice;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.change.Remedy;
import velnik.core.compare.Difference;
import velnik.core.content.LastingNames;
import velnik.core.content.LinkedTexts;
import velnik.core.content.Markdown;
import velnik.core.content.Written;
import velnik.core.edit.Changes;
import velnik.core.explanation.ReachSentence;
import velnik.core.forwarding.Releasing;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.sample.Brackwater;
import velnik.core.site.Anchor;
import velnik.core.site.Assignment.Says;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Period;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;
import velnik.core.undo.Undoing;

/** A site and what is done to it, so that tests read as sentences. Pages are called by their titles. */
public final class SiteScript {
    /** On the first of June; see {@link #on}. */
    private Instant now = Instant.parse("2026-06-01T10:00:00Z");

    private Site site;
    private Site live = Site.bare();
    private final Map<TextHash, String> texts = new HashMap<>();
    private @Nullable Outcome last;
    private int removals;
    private int items;

    private SiteScript(Site site) {
        this.site = site;
    }

    public static SiteScript brackwater() {
        return new SiteScript(Brackwater.site());
    }

    public static SiteScript of(Site site) {
        return new SiteScript(site);
    }

    /** What follows happens at noon of a day, by the clock of the site. */
    public SiteScript on(String day) {
        return at(day + "T12:00");
    }

    /** @param moment as in "2026-10-25T01:30", by the clock of the site */
    public SiteScript at(String moment) {
        now = LocalDateTime.parse(moment).atZone(site.details().timeZone()).toInstant();
        return this;
    }

    public SiteScript opensFor(String page, Period... periods) {
        return does(new Change.SetPeriods(List.of(page(page)), List.of(periods)));
    }

    public Site site() {
        return site;
    }

    public PageId page(String title) {
        return site.pages().walk().stream()
                .filter(row -> row.value().title().equals(title))
                .map(Branch::id)
                .findFirst()
                .orElseThrow(() -> new AssertionError("no page " + title));
    }

    public SiteScript publishes() {
        return publishes(LocalDate.EPOCH);
    }

    public SiteScript publishes(Instant moment) {
        site = Releasing.released(live, site, moment);
        live = site;
        return this;
    }

    public SiteScript publishes(LocalDate day) {
        return publishes(day.atStartOfDay(ZoneOffset.UTC).toInstant());
    }

    /** One edit of one or several changes. */
    public SiteScript does(Change... changes) {
        last = Changes.applyAll(site, List.of(changes), new Circumstances(now, ""));
        if (last instanceof Outcome.Applied applied) {
            site = applied.site();
        }
        return this;
    }

    public SiteScript undoes(Difference done) {
        site = ((Undoing.Result.Undone) Undoing.undo(site, done)).site();
        return this;
    }

    /** At the end of what is under a page, or of the top level. */
    public SiteScript adds(String title, @Nullable String parent) {
        return adds(title, parent, Reach.OPEN);
    }

    public SiteScript adds(String title, @Nullable String parent, Reach reach) {
        PageId id = new PageId("new-" + site.pages().size());
        Place<PageId> place = site.pages().endOf(parent == null ? null : page(parent));
        return does(new Change.AddPages(
                List.of(new Change.NewPage(id, place, PageKind.PAGE, title, null, reach, false, "", null))));
    }

    public SiteScript retitles(String page, String title) {
        return does(new Change.RetitlePage(page(page), title));
    }

    /** @param text as typed; empty for none */
    public SiteScript writes(String page, String text) {
        PageId id = page(page);
        String kept = LastingNames.in(
                Written.kept(text, site), Markdown.places(text(page)), () -> LastingNames.ledTo(site, id, texts()));
        TextHash hash = kept.isEmpty() ? null : TextHash.of(kept);
        if (hash != null) {
            texts.put(hash, kept);
        }
        return does(new Change.SetText(id, hash, site.pages().get(id).text(), "stretch"));
    }

    /** The text of a page; empty where it has none. */
    public String text(String page) {
        TextHash text = site.pages().get(page(page)).text();
        return text == null ? "" : texts.getOrDefault(text, "");
    }

    /** Where what was written leads. */
    public LinkedTexts texts() {
        return LinkedTexts.in(text -> texts.getOrDefault(text, ""));
    }

    public SiteScript setsSlug(String page, @Nullable String slug) {
        return does(new Change.SetSlug(page(page), slug));
    }

    public SiteScript keepsForMembers(String... pages) {
        return does(new Change.SetMembersOnly(
                List.of(pages).stream().map(this::page).toList(), true));
    }

    public SiteScript setsReach(String page, Reach reach) {
        return does(new Change.SetReach(List.of(page(page)), reach));
    }

    /** To the bin, with all that is under them. The removals are called "gone-0", "gone-1" and so on. */
    public SiteScript removes(String... pages) {
        return removes(Change.Subpages.GO_TOO, pages);
    }

    public SiteScript removes(Change.Subpages subpages, String... pages) {
        return does(Change.RemovePages.of(
                freshRemoval(), List.of(pages).stream().map(this::page).toList(), subpages));
    }

    public SiteScript removes(MenuRowId... rows) {
        return does(new MenuChange.RemoveMenuRows(freshRemoval(), List.of(rows)));
    }

    private RemovalId freshRemoval() {
        return new RemovalId("gone-" + removals++);
    }

    public SiteScript restores(String removal) {
        return does(new Change.Restore(new RemovalId(removal)));
    }

    public SiteScript movesUnder(@Nullable String parent, String... pages) {
        return does(new Change.MovePages(
                List.of(pages).stream().map(this::page).toList(),
                parent == null ? Place.top() : Place.firstUnder(page(parent))));
    }

    public SiteScript addressIs(String page, String address) {
        assertEquals(Addresses.of(site, page(page)), address);
        return this;
    }

    public SiteScript says(String sentence) {
        if (last instanceof Outcome.Applied applied) {
            assertEquals(applied.sentence(), sentence);
        } else {
            fail("refused: " + last);
        }
        return this;
    }

    public SiteScript notices(String... sentences) {
        assertEquals(told(), List.of(sentences));
        return this;
    }

    /** The notices of the last change, which was made. */
    public List<String> told() {
        if (last instanceof Outcome.Applied applied) {
            return applied.notices().stream().map(Notice::sentence).toList();
        }
        throw new AssertionError("refused: " + last);
    }

    /** What can be done at once about what the last change brought. */
    public SiteScript offers(Remedy... remedies) {
        if (last instanceof Outcome.Applied applied) {
            assertEquals(applied.remedies(), List.of(remedies));
        } else {
            fail("refused: " + last);
        }
        return this;
    }

    /** The change is refused for this reason, in this sentence, and the site is the very same as before. */
    public SiteScript refuses(Change change, Class<? extends Refusal> why, String sentence) {
        refuses(change, why);
        assertEquals(last instanceof Outcome.Refused refused ? refused.why().sentence() : "", sentence);
        return this;
    }

    /** As above, in whatever sentence. */
    public SiteScript refuses(Change change, Class<? extends Refusal> why) {
        Site before = site;
        does(change);
        if (last instanceof Outcome.Refused refused) {
            assertEquals(refused.why().getClass(), why);
        } else {
            fail("not refused: " + change);
        }
        assertSame(site, before);
        return this;
    }

    // ---- menus ----

    public MenuRowId menu(String name) {
        return site.menus().top().stream()
                .filter(menu -> menu.value() instanceof MenuRow.Menu named
                        && named.name().equals(name))
                .map(Branch::id)
                .findFirst()
                .orElseThrow(() -> new AssertionError("no menu " + name));
    }

    public SiteScript addsMenu(String name) {
        return does(new MenuChange.AddMenu(new MenuRowId(Slugs.fromTitle(name)), null, name));
    }

    /** Adds an item at the end of a menu or item; its id is its label as a slug. */
    public SiteScript puts(ItemKind kind, String label, MenuRowId parent) {
        return puts(kind, label, parent, null);
    }

    public SiteScript puts(ItemKind kind, String label, MenuRowId parent, @Nullable Anchor anchor) {
        MenuRowId id = new MenuRowId("i" + ++items);
        return does(new MenuChange.AddItems(
                List.of(new MenuChange.NewItem(id, site.menus().endOf(parent), anchor, kind, label))));
    }

    public SiteScript putsPage(String title, MenuRowId parent) {
        return puts(new ItemKind.ToPage(page(title), 0), "", parent);
    }

    /** The item added last. */
    public MenuRowId latest() {
        return site.menus().walk().stream()
                .map(Branch::id)
                .filter(id -> id.value().matches("i\\d+"))
                .max(Comparator.comparingInt(id -> Integer.parseInt(id.value().substring(1))))
                .orElseThrow();
    }

    /** The items that pages got by joining a menu, by the menu's name. */
    public List<MenuRowId> joined(String menu) {
        return site.menus().walk(menu(menu)).stream()
                .map(Branch::id)
                .filter(id -> id.value().contains("-joined-"))
                .toList();
    }

    public SiteScript lets(String menu, Joining.From from, Joining.Spot spot) {
        return does(new MenuChange.SetJoining(menu(menu), from, spot));
    }

    public SiteScript sets(MenuRowId item, ItemEdit edit) {
        return does(new MenuChange.SetItems(List.of(new MenuChange.RowName(item, null)), edit));
    }

    public SiteScript dresses(MenuRowId list, String page, ItemEdit edit) {
        return does(new MenuChange.SetItems(List.of(new MenuChange.RowName(list, page(page))), edit));
    }

    public SiteScript assigns(Zone zone, Scope scope, String... menus) {
        return does(new MenuChange.AssignMenus(zone, scope, new Says.Instead(placed(menus))));
    }

    public List<PlacedMenu> placed(String... menus) {
        return Arrays.stream(menus)
                .map(menu -> new PlacedMenu(menu(menu), Placing.AS_THE_ZONE))
                .toList();
    }

    /** What a page shows in a zone: "Home, Hire (Canoes, Kayaks)", menus apart by a bar. */
    public String sees(String page, Zone zone) {
        return sees(page, zone, Visitor.NON_MEMBER);
    }

    public String sees(String page, Zone zone, Visitor visitor) {
        return navigation(visitor).forPage(page(page)).in(zone).stream()
                .map(menu -> labels(menu.rows()))
                .collect(joining(" | "));
    }

    private static String labels(List<NavigationRow> rows) {
        return rows.stream()
                .map(row -> row.label() + (row.rows().isEmpty() ? "" : " (" + labels(row.rows()) + ")"))
                .collect(joining(", "));
    }

    /** Why an item of a menu shows to nobody; empty when it shows. */
    public String whyNot(MenuRowId item) {
        return find(MenuReading.of(site, navigation().openings(), site.menuOf(item), null), item)
                .flatMap(MenuEntry::absence)
                .map(absence -> absence.sentence(site))
                .orElse("");
    }

    private static Optional<MenuEntry> find(List<MenuEntry> entries, MenuRowId item) {
        return entries.stream()
                .flatMap(entry -> entry.key().item().equals(item) && entry.key().page() == null
                        ? Stream.of(entry)
                        : find(entry.rows(), item).stream())
                .findFirst();
    }

    public SiteNavigation navigation() {
        return SiteNavigation.of(site, now);
    }

    public SiteNavigation navigation(Visitor visitor) {
        return SiteNavigation.of(site, now, visitor);
    }

    public String reachOf(String page) {
        return ReachSentence.of(site, navigation(), page(page));
    }
}
