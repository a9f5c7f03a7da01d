package velnik.core;

import static velnik.core.change.Change.Subpages.GO_TOO;
import static velnik.core.change.Change.Subpages.MOVE_UP;
import static velnik.core.site.WhenClosed.NOT_FOUND;
import static velnik.core.site.WhenClosed.OPENS_AGAIN;

import java.time.LocalDate;
import java.time.MonthDay;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.bin.BringingBack;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.FileChange;
import velnik.core.change.LookChange;
import velnik.core.change.Outcome;
import velnik.core.change.SortingChange;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.site.EnquiryForm;
import velnik.core.site.FileContent;
import velnik.core.site.FileHash;
import velnik.core.site.FileId;
import velnik.core.site.FileType;
import velnik.core.site.Forward;
import velnik.core.site.LayoutId;
import velnik.core.site.Look;
import velnik.core.site.MenuRowId;
import velnik.core.site.NewPages;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.core.site.Token;
import velnik.core.site.TypePair;

/** Edits drawn from a seed: mostly sensible, some that must be refused. */
public final class RandomEdits {
    private static final List<String> TITLES =
            List.of("Hire", "Canoes", "Café", "Über uns", "Лодки", "舟", "  Two   words ", "100%", "-", "Canoes!");

    static final List<String> TOPICS = List.of("tides", "Tides", "workshop", " ");

    private static final List<Reach> REACHES = List.of(Reach.values());

    private final Random random;
    private final RandomMenuEdits menus;
    private int made;

    public RandomEdits(long seed) {
        this.random = new Random(seed);
        this.menus = new RandomMenuEdits(random);
    }

    /** A site after some of them; those that are refused change nothing. */
    public static Site applied(Site start, long seed, int count) {
        RandomEdits edits = new RandomEdits(seed);
        Site site = start;
        for (int i = 0; i < count; i++) {
            if (Changes.apply(site, edits.next(site), Circumstances.NOBODY) instanceof Outcome.Applied applied) {
                site = applied.site();
            }
        }
        return site;
    }

    public Change next(Site site) {
        List<Branch<PageId, Page>> rows = site.pages().walk();
        if (rows.isEmpty()) {
            return add(rows);
        }
        if (random.nextInt(3) == 0) {
            return menus.next(site, some(rows));
        }
        return switch (random.nextInt(59)) {
            case 0, 1, 2 -> add(rows);
            case 3, 4, 5 -> new Change.MovePages(some(rows), place(rows));
            case 6 -> new Change.RetitlePage(any(rows), title());
            case 7 -> new Change.SetSlug(any(rows), random.nextInt(4) == 0 ? null : "slug-" + random.nextInt(5));
            case 58 ->
                new Change.SetSlugs(some(rows).stream()
                        .map(page -> new Change.PageSlug(page, "slug-" + random.nextInt(5)))
                        .toList());
            case 8 -> new Change.SetReach(some(rows), REACHES.get(random.nextInt(REACHES.size())));
            case 9 ->
                new Change.RemovePages(
                        new RemovalId("r" + made++),
                        some(rows),
                        random.nextBoolean() ? GO_TOO : MOVE_UP,
                        switch (random.nextInt(3)) {
                            case 0 -> new Change.Leads.Nowhere();
                            case 1 -> new Change.Leads.ToPage(any(rows));
                            default -> new Change.Leads.ToParent();
                        });
            case 10 -> new Change.Restore(anyRemoval(site));
            case 11 -> new SortingChange.SetTopics(some(rows), Set.of(topic()), Set.of(topic()));
            case 51 ->
                new SortingChange.SortPages(some(rows).stream()
                        .map(page -> new SortingChange.PageSorting(
                                page, Set.of(topic()), Set.of(topic()), random.nextBoolean() ? date() : null))
                        .toList());
            case 12 -> new Change.SetDate(some(rows), random.nextInt(4) == 0 ? null : date());
            case 14 -> new Change.SetPeriods(some(rows), periods(random));
            case 15 -> new Change.SetWhenClosed(some(rows), random.nextBoolean() ? OPENS_AGAIN : NOT_FOUND);
            case 16 -> new Change.SetSearchEngines(some(rows), random.nextBoolean());
            case 17, 18 -> new Change.SetMembersOnly(some(rows), random.nextInt(3) > 0);
            case 13 -> new Change.SetLock(some(rows), random.nextBoolean());
            case 19, 20 -> new SortingChange.SetLayout(some(rows), layout(site));
            case 30 -> new SortingChange.AddLayout(new LayoutId("l" + random.nextInt(6)), title(), layout(site));
            case 31 -> new SortingChange.RenameLayout(layout(site), title());
            case 32 -> new SortingChange.RemoveLayout(layout(site), layout(site));
            case 33, 34 -> new SortingChange.RenameTopic(topic(), random.nextBoolean() ? topic() : "Craft");
            case 35 -> new SortingChange.RemoveTopic(topic());
            case 36 ->
                new Change.SetNewPages(new NewPages(
                        REACHES.get(random.nextInt(REACHES.size())),
                        layout(site),
                        random.nextBoolean() ? any(rows) : null));
            case 37 -> new Change.SetModel(some(rows), random.nextBoolean());
            case 21 -> new Change.SetTimeZone(ZoneId.of(random.nextBoolean() ? "Europe/London" : "Asia/Tokyo"));
            case 22 -> new Change.EmptyBin(List.of(anyRemoval(site)));
            case 23 -> begun(site);
            case 26 ->
                new Change.CopyPages(
                        any(rows),
                        List.of(title(), title()).subList(0, 1 + random.nextInt(2)),
                        random.nextBoolean(),
                        random.nextBoolean(),
                        random.nextBoolean(),
                        "copy-" + made++);
            case 27 -> new Change.SetHome(any(rows));
            case 29 -> broughtBack(site, rows);
            case 28 -> new Change.SetGroup(some(rows), random.nextBoolean());
            case 24, 25 -> forward(site, rows);
            case 41 -> details();
            case 42 ->
                new Change.SetSearchWords(
                        any(rows), random.nextBoolean() ? title() : null, random.nextBoolean() ? title() : null);
            case 52 ->
                new Change.SetPageWords(some(rows).stream()
                        .map(page -> new Change.PageWords(
                                page,
                                random.nextBoolean() ? title() : null,
                                random.nextBoolean() ? title() : null,
                                null,
                                random.nextBoolean() ? title() : null))
                        .toList());
            case 54 ->
                new Change.AllowOrigins(
                        List.of("https://shop.example/", random.nextBoolean() ? "HTTP://Club.example:8080" : "club"));
            case 55 -> new LookChange.SetLook(Look.values()[random.nextInt(Look.values().length)]);
            case 56, 57 -> token();
            case 53 -> new Change.SetForwards(List.of(forward(site, rows), forward(site, rows)));
            case 49, 50 -> new Change.SetForm(any(rows), fields());
            case 43 -> new Change.SetPicture(some(rows), random.nextInt(4) == 0 ? null : file());
            case 44, 45 -> new FileChange.AddFile(file(), title(), content());
            case 46 ->
                new FileChange.SetFile(
                        file(), random.nextBoolean() ? title() : null, random.nextBoolean() ? title() : null);
            case 47 -> new FileChange.ReplaceFile(file(), content());
            case 48 -> new FileChange.RemoveFiles(List.of(file()));
            case 38 -> new Change.SetSummary(any(rows), title());
            case 39, 40 -> text(site, any(rows));
            default -> new Change.RetitlePage(new PageId("never-was"), "Nobody");
        };
    }

    /** What only happens as a site begins: nothing, or not at all, afterwards. */
    private Change begun(Site site) {
        return random.nextBoolean()
                ? new Change.AddBuiltInPages()
                : new Change.BeginSite(
                        "Again", "", site.details().timeZone(), new MenuRowId("again"), new MenuRowId("again-list"));
    }

    private List<Change.FormField> fields() {
        EnquiryForm.Kind[] kinds = EnquiryForm.Kind.values();
        return random.ints(random.nextInt(3), 0, kinds.length)
                .mapToObj(kind -> new Change.FormField(
                        kinds[kind],
                        title(),
                        random.nextBoolean(),
                        List.of("One", title()).subList(0, random.nextInt(3))))
                .toList();
    }

    private FileId file() {
        return new FileId("f" + random.nextInt(6));
    }

    private FileContent content() {
        FileHash hash = new FileHash(TextHash.of("file " + random.nextInt(5)).value());
        return random.nextInt(3) == 0
                ? new FileContent(FileType.PDF, hash, 4_000, 0, 0)
                : new FileContent(FileType.JPEG, hash, 90_000, 1_200, 800);
    }

    private Change token() {
        Token token = Token.values()[random.nextInt(Token.values().length)];
        List<String> typed =
                List.of("", "#1A5F7D", "fc0", "110", "8px", TypePair.MULISH.name(), Token.HIDDEN, Token.KEPT);
        return new LookChange.SetToken(token, typed.get(random.nextInt(typed.size())));
    }

    private Change details() {
        return new Change.SetDetails(
                random.nextBoolean() ? title() : null,
                random.nextInt(4) == 0 ? "https://other.example" : null,
                random.nextInt(3) == 0 ? file().value() : null,
                random.nextInt(3) == 0 ? "de" : null,
                random.nextBoolean() ? "01632 960 98" + random.nextInt(10) : null,
                random.nextInt(5) == 0 ? "nobody" : "yard@brackwater.example",
                random.nextBoolean() ? "The Slip\nBrack" : null,
                random.nextInt(3) == 0 ? "Mon-Fri 9-17\n24 Dec 2026 9-1" + random.nextInt(3) : null,
                random.nextInt(3) == 0 ? "51.73, 0.6" + random.nextInt(9) : null,
                random.nextInt(3) == 0 ? channels() : null);
    }

    /** One of them may have an address that is none. */
    private List<Change.SetDetails.Channel> channels() {
        return List.of(
                new Change.SetDetails.Channel("Pictures", "https://pictures.example/brackwater", "camera"),
                new Change.SetDetails.Channel("Tides", random.nextInt(4) == 0 ? "no" : "tides.example", "wave"));
    }

    /** Upon the one there is, or upon one that somebody else wrote over. */
    private Change text(Site site, PageId page) {
        TextHash text = random.nextInt(4) == 0 ? null : TextHash.of("text " + random.nextInt(5));
        return new Change.SetText(
                page,
                text,
                random.nextInt(5) == 0
                        ? TextHash.of("another")
                        : site.pages().get(page).text(),
                "stretch-" + random.nextInt(3));
    }

    /** A site that differs in a title. */
    private Change broughtBack(Site site, List<Branch<PageId, Page>> rows) {
        PageId page = any(rows);
        Page retitled = site.pages().get(page).withTitle("As it was " + made++);
        Difference difference =
                BringingBack.difference(site, site.withPages(site.pages().replace(page, retitled)));
        return made % 2 == 0 ? new Change.BringBack(1, difference) : new Change.BringSite(difference);
    }

    /** From addresses that pages have, had, or never will. */
    private Change.SetForward forward(Site site, List<Branch<PageId, Page>> rows) {
        List<String> known = new ArrayList<>(site.past().addresses().keySet());
        Collections.sort(known);
        String address = known.isEmpty() || random.nextBoolean()
                ? "/slug-" + random.nextInt(8)
                : known.get(random.nextInt(known.size()));
        Forward.Source from = switch (random.nextInt(4)) {
            case 0 -> new Forward.Source.Beneath(address);
            case 1 -> new Forward.Source.OfRemoved(new PageId("gone-" + random.nextInt(3)));
            default -> new Forward.Source.At(address);
        };
        return new Change.SetForward(
                from,
                switch (random.nextInt(4)) {
                    case 0 -> null;
                    case 1 -> new Forward.Target.Gone();
                    case 2 -> new Forward.Target.Outside("https://tides.example/");
                    default -> new Forward.Target.ToPage(any(rows));
                });
    }

    private LayoutId layout(Site site) {
        List<LayoutId> layouts = new ArrayList<>(LayoutId.OF_EVERY_SITE);
        site.layouts().forEach(layout -> layouts.add(layout.id()));
        layouts.add(new LayoutId("never-was"));
        return layouts.get(random.nextInt(layouts.size()));
    }

    private String topic() {
        return TOPICS.get(random.nextInt(TOPICS.size()));
    }

    /** Around the beginning of time, when the random edits are made, some the wrong way round. */
    static List<Period> periods(Random random) {
        LocalDate first = LocalDate.EPOCH.plusDays(random.nextInt(9) - 4L);
        return switch (random.nextInt(4)) {
            case 0 -> List.of();
            case 1 -> List.of(Period.once(first, null));
            case 2 -> List.of(Period.once(first, LocalDate.EPOCH.plusDays(random.nextInt(9) - 2L)));
            default -> List.of(Period.yearly(MonthDay.from(first), MonthDay.of(1, 1 + random.nextInt(5))));
        };
    }

    private LocalDate date() {
        return LocalDate.of(2026, 1, 1).plusDays(random.nextInt(90));
    }

    private RemovalId anyRemoval(Site site) {
        return site.bin().isEmpty()
                ? new RemovalId("never-was")
                : site.bin().get(random.nextInt(site.bin().size())).id();
    }

    private Change add(List<Branch<PageId, Page>> rows) {
        List<Change.NewPage> pages = new ArrayList<>();
        for (int i = random.nextInt(3); i >= 0; i--) {
            pages.add(Change.NewPage.open(new PageId("p" + made++), place(rows), title()));
        }
        return new Change.AddPages(pages);
    }

    private List<PageId> some(List<Branch<PageId, Page>> rows) {
        List<PageId> some = new ArrayList<>();
        for (int i = random.nextInt(3); i >= 0; i--) {
            some.add(any(rows));
        }
        return some;
    }

    private PageId any(List<Branch<PageId, Page>> rows) {
        return rows.get(random.nextInt(rows.size())).id();
    }

    private Place<PageId> place(List<Branch<PageId, Page>> rows) {
        if (rows.isEmpty() || random.nextInt(6) == 0) {
            return Place.top();
        }
        Branch<PageId, Page> row = rows.get(random.nextInt(rows.size()));
        @Nullable PageId parent = random.nextInt(27) == 0 ? any(rows) : row.parent();
        return random.nextBoolean() ? Place.firstUnder(row.id()) : new Place<>(parent, row.id());
    }

    private String title() {
        return random.nextInt(30) == 0 ? "   " : TITLES.get(random.nextInt(TITLES.size()));
    }
}
