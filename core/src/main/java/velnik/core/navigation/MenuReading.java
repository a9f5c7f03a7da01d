package velnik.core.navigation;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toSet;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.address.FileAddresses;
import velnik.core.address.Links;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Days;
import velnik.core.reach.Openings;
import velnik.core.site.Appearance;
import velnik.core.site.Channel;
import velnik.core.site.Contact;
import velnik.core.site.Details;
import velnik.core.site.Device;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/**
 * Reads a menu as it comes out for a page: every item in order, lists filled, other menus put in, and for what does not
 * show the reason. Costs O(items + rows listed).
 */
public final class MenuReading {
    private final Site site;
    private final Openings openings;
    private final PageJudging judging;
    private final @Nullable PageId visited;
    /** The pages that lists are read for; null for all. */
    private final @Nullable Set<PageId> wanted;
    /** Menus being read, the outermost last. */
    private final Deque<MenuRowId> reading = new ArrayDeque<>();

    private MenuReading(Site site, Openings openings, @Nullable PageId visited, @Nullable Set<PageId> wanted) {
        this.site = site;
        this.openings = openings;
        this.judging = new PageJudging(site, openings);
        this.visited = visited;
        this.wanted = wanted;
    }

    /**
     * @param visited the page that lists of its subpages are filled for; null for none
     * @throws IllegalArgumentException when the row is no menu
     */
    public static List<MenuEntry> of(Site site, Openings openings, MenuRowId menu, @Nullable PageId visited) {
        if (!(site.menus().get(menu) instanceof MenuRow.Menu)) {
            throw new IllegalArgumentException(menu + " is an item, not a menu");
        }
        return explained(
                new MenuReading(site, openings, visited, null).menu(menu),
                Optional.empty(),
                Visitor.ANY,
                Appearance.EVERY_DEVICE);
    }

    /** Whether anything of a menu shows where only so many levels of it do, from one on that is counted from 1. */
    public static boolean showsWithin(List<MenuEntry> entries, int fromLevel, int levels) {
        List<NavigationRow> rows = MenuResolver.from(MenuResolver.rows(entries, Visitor.ANY), fromLevel);
        return !MenuResolver.cut(rows, levels).isEmpty();
    }

    /**
     * One item with the rows of its lists that a page is in, as on a day on which everything is open; other rows of lists
     * may be missing, and rows beneath one that does not show are not marked so. Costs O(items + rows of limited lists +
     * children of the pages above).
     */
    public static MenuEntry towards(Site site, Branch<MenuRowId, MenuRow> item, PageId page) {
        Set<PageId> wanted = site.pages().pathTo(page).stream().map(Branch::id).collect(toSet());
        return new MenuReading(site, Openings.ALWAYS, null, wanted).item(item);
    }

    private List<MenuEntry> menu(MenuRowId menu) {
        reading.push(menu);
        List<MenuEntry> entries = items(site.menus().branch(menu).children());
        reading.pop();
        return entries;
    }

    private List<MenuEntry> items(List<Branch<MenuRowId, MenuRow>> branches) {
        return branches.stream().map(this::item).toList();
    }

    MenuEntry item(Branch<MenuRowId, MenuRow> branch) {
        if (!(branch.value() instanceof MenuRow.Item item)) {
            throw new IllegalStateException("menu " + branch.id() + " stands inside a menu");
        }
        return switch (item.kind()) {
            case ItemKind.ToPage to -> page(branch, item, to);
            case ItemKind.ToPlace to -> place(branch, item, to);
            case ItemKind.WebLink(String address) -> webLink(branch, item, address);
            case ItemKind.Mail(String address) ->
                plain(branch, item, address.replaceAll("\\?.*", ""), new Target.ToAddress("mailto:" + address, false));
            case ItemKind.Phone(String number) ->
                plain(branch, item, Links.numberOf(number), new Target.ToAddress(Links.dialling(number), false));
            case ItemKind.ToFile(FileId file) -> file(branch, item, file);
            case ItemKind.OfBusiness(ItemKind.Way way) -> ofBusiness(branch, item, way);
            case ItemKind.Channels channels -> channels(branch, item);
            case ItemKind.Text text -> plain(branch, item, "", new Target.Nowhere());
            case ItemKind.Block block -> block(branch, item, block);
            case ItemKind.Heading heading -> over(branch, item, items(branch.children()), new Absence.NothingUnder());
            case ItemKind.PageList list ->
                over(
                        branch,
                        item,
                        new ListReading(site, openings, this, branch, list, visited).entries(),
                        new Absence.NothingListed());
            case ItemKind.OtherMenu(MenuRowId other) -> otherMenu(branch, item, other);
        };
    }

    private MenuEntry page(Branch<MenuRowId, MenuRow> branch, MenuRow.Item item, ItemKind.ToPage to) {
        PageId id = to.page();
        if (!site.pages().contains(id)) {
            return pageGone(branch, item, id);
        }
        boolean group = site.pages().get(id).kind() == PageKind.GROUP;
        List<MenuEntry> beneath = new ArrayList<>(items(branch.children()));
        if (to.carries() > 0) {
            ItemKind.PageList carried = ItemKind.PageList.of(new ListSource.Under(id), to.carries());
            Branch<MenuRowId, MenuRow> alone = new Branch<>(branch.id(), branch.parent(), branch.value(), List.of());
            beneath.addAll(new ListReading(site, openings, this, alone, carried, visited).entries());
        }
        String title = site.pages().get(id).title();
        return judging.judged(id, entry(branch, item, title, id, new Target.ToPage(id), group, Visitor.ANY, beneath));
    }

    /** A place is no page of the menu: it is shown where its page can be got, and marks nothing as visited. */
    private MenuEntry place(Branch<MenuRowId, MenuRow> branch, MenuRow.Item item, ItemKind.ToPlace to) {
        PageId id = to.page();
        if (!site.pages().contains(id)) {
            return pageGone(branch, item, id);
        }
        String title = site.pages().get(id).title();
        Target target = new Target.ToPlace(id, to.name());
        List<MenuEntry> beneath = items(branch.children());
        return judging.judged(id, entry(branch, item, title, null, target, false, Visitor.ANY, beneath));
    }

    private MenuEntry pageGone(Branch<MenuRowId, MenuRow> branch, MenuRow.Item item, PageId id) {
        String title = site.findRemoved(id).map(Page::title).orElse("");
        return plain(branch, item, title, new Target.Nowhere()).withAbsence(new Absence.PageGone(id));
    }

    /** An address of this site is judged like the page it leads to, which may have come there after it was typed. */
    private MenuEntry webLink(Branch<MenuRowId, MenuRow> branch, MenuRow.Item item, String address) {
        boolean own = address.startsWith("/");
        MenuEntry entry = plain(branch, item, Links.labelOf(address), new Target.ToAddress(address, own));
        Optional<PageId> page =
                Links.pathOf(address, site.details().address()).flatMap(path -> Addresses.find(site, path));
        return page.map(id -> judging.judged(id, entry)).orElse(entry);
    }

    private MenuEntry ofBusiness(Branch<MenuRowId, MenuRow> branch, MenuRow.Item item, ItemKind.Way way) {
        Contact contact = site.details().contact();
        String typed = contact.by(way);
        return typed.isEmpty()
                ? plain(branch, item, "", new Target.Nowhere()).withAbsence(new Absence.BusinessUnsaid())
                : plain(
                        branch,
                        item,
                        typed,
                        new Target.ToAddress(
                                switch (way) {
                                    case PHONE -> Links.dialling(typed);
                                    case MAIL -> "mailto:" + typed;
                                },
                                false));
    }

    private MenuEntry channels(Branch<MenuRowId, MenuRow> branch, MenuRow.Item item) {
        List<Channel> channels = site.details().channels();
        MenuEntry entry = plain(
                branch,
                item,
                channels.stream().map(Channel::name).collect(joining(", ")),
                new Target.ToChannels(channels));
        return channels.isEmpty() ? entry.withAbsence(new Absence.BusinessUnsaid()) : entry;
    }

    private MenuEntry file(Branch<MenuRowId, MenuRow> branch, MenuRow.Item item, FileId id) {
        return site.findFile(id)
                .map(file -> plain(branch, item, file.name(), new Target.ToAddress(FileAddresses.of(file), true)))
                .orElseGet(() -> plain(branch, item, "", new Target.Nowhere()).withAbsence(new Absence.FileGone()));
    }

    private MenuEntry block(Branch<MenuRowId, MenuRow> branch, MenuRow.Item item, ItemKind.Block block) {
        Target shown = new Target.Shown(block, item.label());
        MenuEntry entry = plain(branch, item, BlockLabels.of(site, block), shown);
        Details details = site.details();
        return switch (block) {
            case ItemKind.Block.Words words -> entry;
            case ItemKind.Block.Picture(FileId file, ItemKind.Block.Side side) ->
                site.findPicture(file).isPresent() ? entry : entry.withAbsence(new Absence.FileGone());
            case ItemKind.Block.SearchField search -> ofPage(entry, Site.idOfBuiltIn(PageKind.SEARCH));
            case ItemKind.Block.ContactCard card ->
                details.contact().isNone() && details.hours().isNone()
                        ? entry.withAbsence(new Absence.BusinessUnsaid())
                        : entry;
            case ItemKind.Block.FormOf(PageId page) ->
                site.pages().find(page).filter(found -> found.form() == null).isPresent()
                        ? entry.withAbsence(new Absence.NoForm(page))
                        : ofPage(entry, page);
            case ItemKind.Block.SummaryOf(PageId page) -> ofPage(entry, page);
            case ItemKind.Block.PositionMap map ->
                details.position() == null ? entry.withAbsence(new Absence.BusinessUnsaid()) : entry;
        };
    }

    /** What a block shows of a page shows to those alone who get the page: it tells more than where it is. */
    private MenuEntry ofPage(MenuEntry entry, PageId page) {
        return site.pages().contains(page)
                ? judging.judged(page, entry.withAppearance(entry.appearance().inList()))
                : entry.withAbsence(new Absence.PageGone(page));
    }

    private MenuEntry plain(Branch<MenuRowId, MenuRow> branch, MenuRow.Item item, String follows, Target target) {
        return entry(branch, item, follows, null, target, false, Visitor.ANY, items(branch.children()));
    }

    /** A heading, or what splices when it has no label. */
    private MenuEntry over(
            Branch<MenuRowId, MenuRow> branch, MenuRow.Item item, List<MenuEntry> rows, Absence whenEmpty) {
        MenuEntry entry = entry(branch, item, "", null, new Target.Nowhere(), true, union(rows), rows);
        return entry.absence().isPresent() || MenuEntry.anyShows(rows) ? entry : entry.withAbsence(whenEmpty);
    }

    private MenuEntry otherMenu(Branch<MenuRowId, MenuRow> branch, MenuRow.Item item, MenuRowId other) {
        if (!(site.menus().find(other).orElse(null) instanceof MenuRow.Menu shown) || reading.contains(other)) {
            return over(branch, item, List.of(), new Absence.MenuGone(other));
        }
        if (shown.setAside()) {
            return over(branch, item, List.of(), new Absence.MenuSetAside(other));
        }
        List<MenuEntry> rows =
                new ArrayList<>(menu(other).stream().map(MenuEntry::ofOtherMenu).toList());
        rows.addAll(items(branch.children()));
        return over(branch, item, rows, new Absence.NothingListed());
    }

    private MenuEntry entry(
            Branch<MenuRowId, MenuRow> branch,
            MenuRow.Item item,
            String follows,
            @Nullable PageId page,
            Target target,
            boolean opensOnly,
            Set<Visitor> canGet,
            List<MenuEntry> rows) {
        boolean splices = item.label().isEmpty()
                && (item.kind() instanceof ItemKind.PageList || item.kind() instanceof ItemKind.OtherMenu);
        return made(
                new NavigationRow.Key(branch.id(), null),
                item.label(),
                follows,
                page,
                target,
                opensOnly,
                splices,
                item.appearance(),
                canGet,
                rows);
    }

    MenuEntry made(
            NavigationRow.Key key,
            String own,
            String follows,
            @Nullable PageId page,
            Target target,
            boolean opensOnly,
            boolean splices,
            Appearance appearance,
            Set<Visitor> canGet,
            List<MenuEntry> rows) {
        return new MenuEntry(
                key,
                own.isEmpty() ? follows : own,
                follows,
                page,
                target,
                opensOnly,
                splices,
                false,
                appearance,
                Visitor.common(appearance.visitors(), canGet),
                Map.of(),
                absenceOf(appearance),
                rows);
    }

    private Optional<Absence> absenceOf(Appearance appearance) {
        if (appearance.hidden()) {
            return Optional.of(new Absence.Hidden());
        }
        return openings.run(appearance.periods())
                ? Optional.empty()
                : Optional.of(new Absence.OutsidePeriods(openings.nextOpening(appearance.periods())
                        .map(moment -> Days.ENGLISH.opening(moment, openings.zone()))
                        .orElse("")));
    }

    /** Whether lists may yield the page of a branch whose ancestors they yield, to somebody, now or in its periods. */
    boolean isListed(Branch<PageId, Page> page) {
        return Access.isListed(site, page, Openings.ALWAYS, Visitor.MEMBER);
    }

    /** Those of some pages that lists are read for. */
    List<Branch<PageId, Page>> wanted(List<Branch<PageId, Page>> pages) {
        return wanted == null
                ? pages
                : pages.stream().filter(page -> wanted.contains(page.id())).toList();
    }

    private static Set<Visitor> union(List<MenuEntry> rows) {
        Set<Visitor> union = EnumSet.noneOf(Visitor.class);
        rows.stream().filter(MenuEntry::shows).forEach(row -> union.addAll(row.visitors()));
        return union;
    }

    /**
     * Gives what is under a row that does not show that row as its reason; what is under another shows at most to whom
     * the row does, and on the devices that it does.
     */
    private static List<MenuEntry> explained(
            List<MenuEntry> entries, Optional<Absence> above, Set<Visitor> aboveShows, Set<Device> aboveOn) {
        return entries.stream()
                .map(entry -> {
                    Set<Visitor> visitors = Visitor.common(entry.visitors(), aboveShows);
                    Set<Device> devices = new HashSet<>(entry.appearance().devices());
                    devices.retainAll(aboveOn);
                    Optional<Absence> why = entry.absence()
                            .or(() -> above)
                            .or(() -> forNobody(entry, visitors))
                            .or(() -> forNoDevice(entry, devices));
                    Optional<Absence> beneath = why.isEmpty()
                            ? Optional.empty()
                            : Optional.of(new Absence.Beneath(entry.label().isEmpty() ? "The list" : entry.label()));
                    List<MenuEntry> rows = explained(entry.rows(), beneath, visitors, devices);
                    boolean empty = why.isEmpty()
                            && entry.opensOnly()
                            && !entry.splices()
                            && entry.target() instanceof Target.Nowhere
                            && !MenuEntry.anyShows(rows);
                    return entry.with()
                            .absence(empty ? Optional.of(new Absence.NothingUnder()) : why)
                            .visitors(visitors)
                            .rows(rows)
                            .build();
                })
                .toList();
    }

    private static Optional<Absence> forNoDevice(MenuEntry entry, Set<Device> devices) {
        return devices.isEmpty()
                ? Optional.of(new Absence.ForNoDevice(
                        entry.appearance().devices().iterator().next()))
                : Optional.empty();
    }

    private static Optional<Absence> forNobody(MenuEntry entry, Set<Visitor> visitors) {
        return visitors.isEmpty()
                ? Optional.of(new Absence.ForNobody(entry.appearance().visitors()))
                : Optional.empty();
    }
}
