package velnik.core.menus;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.change.MenuChange;
import velnik.core.change.Refusal;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.navigation.Absence;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.outline.Outline;
import velnik.core.outline.Place;
import velnik.core.reach.Openings;
import velnik.core.site.Anchor;
import velnik.core.site.Appearance;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** Turns what lists yield into ordinary items, so that visitors see no difference. */
public final class Lists {
    private final Site site;
    private final MenuRowId id;
    private final Openings openings;
    private final ItemKind.PageList list;
    private final String ids;
    private Outline<MenuRowId, MenuRow> menus;
    private int made;

    private Lists(Site site, Openings openings, MenuRowId id, ItemKind.PageList list, String ids) {
        this.site = site;
        this.openings = openings;
        this.id = id;
        this.list = list;
        this.ids = ids;
        this.menus = site.menus();
    }

    public static Optional<Refusal> freezeList(Draft draft, MenuChange.FreezeList freeze) {
        return prepared(draft, freeze.list(), freeze.ids(), work -> {
            work.freeze();
            draft.become(draft.site().withMenus(work.menus));
            return MenuChecks.sound(draft.site(), Set.of(work.site.menuOf(freeze.list())));
        });
    }

    public static Optional<Refusal> detachBranch(Draft draft, MenuChange.DetachBranch detach) {
        return prepared(draft, detach.list(), detach.ids(), work -> {
            if (!work.detach(detach.page())) {
                return Optional.of(new Refusal.NoSuchRow(detach.list().value()));
            }
            draft.become(draft.site().withMenus(work.menus));
            return MenuChecks.sound(draft.site(), Set.of(work.site.menuOf(detach.list())));
        });
    }

    private interface Work {
        Optional<Refusal> with(Lists lists);
    }

    private static Optional<Refusal> prepared(Draft draft, MenuRowId id, String ids, Work work) {
        Site site = draft.site();
        Optional<Refusal> unknown =
                MenuChecks.isItem(site, id).or(() -> MenuChecks.isFree(draft, new MenuRowId(ids + "-0")));
        if (unknown.isPresent()) {
            return unknown;
        }
        if (!(site.item(id).kind() instanceof ItemKind.PageList list)) {
            return Optional.of(new Refusal.NoSuchRow(id.value()));
        }
        if (list.source() instanceof ListSource.UnderVisited) {
            return Optional.of(new Refusal.ListOfVisited());
        }
        Lists lists = new Lists(site, draft.openings(), id, list, ids);
        // Beneath an item that shows a menu set aside a list is read nowhere.
        return lists.read().isEmpty() ? Optional.of(new Refusal.NoSuchRow(id.value())) : work.with(lists);
    }

    private List<MenuEntry> rows() {
        return read().orElseThrow().rows();
    }

    /** The list as its menu has it; empty where it is read nowhere. */
    private Optional<MenuEntry> read() {
        return find(MenuReading.of(site, openings, site.menuOf(id), null));
    }

    private Optional<MenuEntry> find(List<MenuEntry> entries) {
        for (MenuEntry entry : entries) {
            if (entry.key().item().equals(id) && entry.key().page() == null) {
                return Optional.of(entry);
            }
            Optional<MenuEntry> beneath = find(entry.rows());
            if (beneath.isPresent()) {
                return beneath;
            }
        }
        return Optional.empty();
    }

    /** With a label the list becomes a heading over its rows, without one the rows take its place. */
    private void freeze() {
        MenuRow.Item item = site.item(id);
        List<MenuEntry> rows = rows();
        if (!item.label().isEmpty()) {
            @Nullable MenuRowId last = null;
            for (MenuEntry row : rows) {
                last = put(row, id, last, Appearance.PLAIN);
            }
            menus = menus.replace(id, item.withKind(new ItemKind.Heading()));
            return;
        }
        @Nullable MenuRowId last = id;
        for (MenuEntry row : rows) {
            last = put(row, menus.branch(id).parent(), last, item.appearance());
            // A list among the rows of another leaves its items where it stood.
            menus = menus.update(last, value -> ((MenuRow.Item) value).withAnchor(item.anchor()));
        }
        menus = menus.remove(id);
    }

    /**
     * A list of at most N yields one row fewer then, so that no other page takes the place. Where that cannot be said
     * by a number, all its rows become items: of one row none is left, and members may see other rows than others do.
     */
    private boolean detach(PageId page) {
        List<MenuEntry> siblings = rows();
        boolean counts = siblings.stream().anyMatch(row -> page.equals(row.key().page()));
        boolean alike = siblings.stream()
                .filter(row -> row.key().page() != null)
                .allMatch(row -> row.visitors().size() == Visitor.ANY.size());
        if (counts && list.atMost().filter(most -> most == 1 || !alike).isPresent()) {
            freeze();
            return true;
        }
        Optional<Integer> most = counts ? list.atMost().map(rows -> rows - 1) : list.atMost();
        return detachAmong(siblings, null, page, list.withAtMost(most));
    }

    private boolean detachAmong(List<MenuEntry> siblings, @Nullable PageId under, PageId page, ItemKind.PageList rest) {
        List<PageId> earlier = new ArrayList<>();
        List<PageId> all = new ArrayList<>();
        for (MenuEntry row : siblings) {
            if (row.key().page() != null) {
                all.add(row.key().page());
            }
        }
        for (MenuEntry row : siblings) {
            @Nullable PageId at = row.key().page();
            if (at == null) {
                continue; // an item of the owner's own
            }
            if (at.equals(page)) {
                List<PageId> before = earlier.reversed();
                MenuRowId fresh =
                        putDetached(row, new Anchor(under, before, all.subList(earlier.size() + 1, all.size())), rest);
                inOrder(siblings, under, page, fresh, before);
                return true;
            }
            if (detachAmong(row.rows(), at, page, rest)) {
                return true;
            }
            earlier.add(at);
        }
        return false;
    }

    private MenuRowId putDetached(MenuEntry row, Anchor anchor, ItemKind.PageList rest) {
        MenuRowId fresh = put(row, id, null, Appearance.PLAIN);
        menus = menus.update(fresh, value -> ((MenuRow.Item) value).withAnchor(anchor));
        Set<PageId> leftOut = new HashSet<>(list.leftOut());
        leftOut.add(Objects.requireNonNull(row.page()));
        menus = menus.update(id, value -> ((MenuRow.Item) value).withKind(rest.withLeftOut(leftOut)));
        return fresh;
    }

    /**
     * Items that come to stand behind the same row stand there in the order they were read in; those that stood behind
     * the detached row remember the rows before it.
     */
    private void inOrder(
            List<MenuEntry> siblings, @Nullable PageId under, PageId page, MenuRowId fresh, List<PageId> before) {
        List<MenuRowId> own = new ArrayList<>();
        List<PageId> left = new ArrayList<>(before);
        left.addFirst(page);
        boolean behind = false;
        for (MenuEntry row : siblings) {
            @Nullable PageId at = row.key().page();
            if (at != null) {
                behind = at.equals(page);
                if (behind) {
                    own.add(fresh);
                }
                continue;
            }
            MenuRowId item = row.key().item();
            own.add(item);
            // One whose row is not in the list now is read last, and stands elsewhere.
            if (behind && Objects.equals(anchorOf(item).under(), under)) {
                menus = menus.update(
                        item,
                        value ->
                                ((MenuRow.Item) value).withAnchor(anchorOf(item).withBehind(left)));
            }
        }
        menus = menus.move(own, Place.firstUnder(id));
    }

    private Anchor anchorOf(MenuRowId item) {
        return Objects.requireNonNullElse(site.item(item).anchor(), Anchor.FIRST);
    }

    /** Puts a row as an item, or moves the owner's own item there. */
    private MenuRowId put(MenuEntry row, @Nullable MenuRowId parent, @Nullable MenuRowId after, Appearance outer) {
        @Nullable PageId page = row.key().page();
        Place<MenuRowId> place = new Place<>(parent, after);
        if (page == null || !row.key().item().equals(id)) {
            MenuRowId own = row.key().item();
            menus = menus.move(List.of(own), place).update(own, value -> {
                MenuRow.Item item = (MenuRow.Item) value;
                Appearance appearance = within(item.appearance(), outer);
                // Under a row that is not in the list it showed to nobody, and goes on doing so.
                boolean unseen =
                        row.absence().filter(Absence.RowGone.class::isInstance).isPresent();
                return item.withAnchor(null).withAppearance(unseen ? appearance.withHidden(true) : appearance);
            });
            return own;
        }
        MenuRowId fresh = new MenuRowId(ids + "-" + made++);
        MenuRow.Item item = new MenuRow.Item(
                new ItemKind.ToPage(page, 0), list.dressOf(page).label(), within(row.appearance(), outer), null);
        menus = menus.insert(fresh, place, item);
        @Nullable MenuRowId last = null;
        for (MenuEntry beneath : row.rows()) {
            last = put(beneath, fresh, last, Appearance.PLAIN);
        }
        return fresh;
    }

    /** An appearance that shows where both do. */
    private static Appearance within(Appearance inner, Appearance outer) {
        Set<Device> devices = EnumSet.noneOf(Device.class);
        devices.addAll(inner.devices());
        devices.retainAll(outer.devices());
        Set<Visitor> visitors = Visitor.common(inner.visitors(), outer.visitors());
        boolean hidden = inner.hidden() || outer.hidden() || devices.isEmpty() || visitors.isEmpty();
        return inner.with(to -> to.hidden(hidden)
                .devices(devices.isEmpty() ? inner.devices() : devices)
                .visitors(visitors.isEmpty() ? inner.visitors() : visitors)
                // Both cannot be said at once where each has some; the row's own are the narrower, as a rule.
                .periods(inner.periods().isEmpty() ? outer.periods() : inner.periods()));
    }
}
