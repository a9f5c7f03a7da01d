package velnik.core.pages;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.change.Change;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.forwarding.Forwards;
import velnik.core.navigation.ZoneChanges;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.outline.OutlineEditor;
import velnik.core.outline.Place;
import velnik.core.site.Forward;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Removal;
import velnik.core.site.Scope;
import velnik.core.site.Site;

/**
 * Takes pages, items and menus out of the site and into the bin. Whatever names them, be it an item, a list or an
 * assignment, goes on naming them, so that all is as it was when they come back.
 */
public final class Removing {
    private Removing() {}

    public static Optional<Refusal> removePages(Draft draft, Change.RemovePages remove) {
        Site before = draft.site();
        Optional<Refusal> refusal = check(before, remove);
        if (refusal.isPresent()) {
            return refusal;
        }
        boolean moveUp = remove.subpages() == Change.Subpages.MOVE_UP;
        List<PageId> tops = moveUp
                ? List.copyOf(new LinkedHashSet<>(remove.pages()))
                : before.pages().outermost(remove.pages());
        refusal = builtIn(before, tops, moveUp).or(() -> locked(before, tops, moveUp));
        if (refusal.isPresent()) {
            return refusal;
        }
        List<Removal.Part<PageId, Page>> parts = parts(before, tops, moveUp);
        Set<PageId> gone = new HashSet<>();
        parts.forEach(part -> part.rows().forEach(row -> gone.add(row.id())));
        List<PageId> up = takeOut(draft, tops, moveUp);
        up.removeIf(gone::contains);
        Moving.settle(draft, up);
        draft.bin(remove.removal(), parts, List.of());
        int beneath = gone.size() - tops.size();
        if (beneath > 0) {
            draft.tell(new Notice.SubpagesGo(beneath));
        }
        refusal = leadOn(draft, before, remove.leads(), parts, gone);
        if (refusal.isPresent()) {
            return refusal;
        }
        tell(draft, before, gone);
        ZoneChanges.ofMove(before, draft.site(), up)
                .forEach((zone, changed) -> draft.tell(new Notice.ZoneDiffers(zone, changed)));
        return Optional.empty();
    }

    /** Only addresses that visitors know lead anywhere. */
    private static Optional<Refusal> leadOn(
            Draft draft, Site before, Change.Leads leads, List<Removal.Part<PageId, Page>> parts, Set<PageId> gone) {
        if (leads instanceof Change.Leads.ToPage(PageId page)) {
            if (gone.contains(page)) {
                return Optional.of(
                        new Refusal.LeadsToRemoved(before.pages().get(page).title()));
            }
            Optional<Refusal> unknown = Checks.exists(before, page);
            if (unknown.isPresent()) {
                return unknown;
            }
        }
        List<Forward> forwards = new ArrayList<>();
        Map<String, Integer> told = new LinkedHashMap<>();
        for (Removal.Part<PageId, Page> part : parts) {
            @Nullable
            PageId to = switch (leads) {
                case Change.Leads.ToParent parent -> stays(before, part.top().id(), gone);
                case Change.Leads.ToPage(PageId page) -> page;
                case Change.Leads.Nowhere nowhere -> null;
            };
            int known = 0;
            for (Outline.Entry<PageId, Page> row : part.rows()) {
                if (draft.wasPublished(row.id())) {
                    known++;
                    if (to != null) {
                        forwards.add(
                                new Forward(new Forward.Source.OfRemoved(row.id()), new Forward.Target.ToPage(to)));
                    }
                }
            }
            told.merge(to == null ? "" : before.pages().get(to).title(), known, Integer::sum);
        }
        Forwards.put(draft, forwards);
        told.forEach((to, known) -> {
            if (known > 0) {
                draft.tell(new Notice.AddressesEnd(known, to));
            }
        });
        return Optional.empty();
    }

    /** The nearest page above one that does not go with it. */
    private static @Nullable PageId stays(Site before, PageId page, Set<PageId> gone) {
        @Nullable PageId above = before.pages().parentOf(page).orElse(null);
        while (above != null && gone.contains(above)) {
            above = before.pages().parentOf(above).orElse(null);
        }
        return above;
    }

    private static List<Removal.Part<PageId, Page>> parts(Site site, List<PageId> tops, boolean alone) {
        Removal.Whereabouts<PageId, Page> whereabouts = new Removal.Whereabouts<>(site.pages());
        List<Removal.Part<PageId, Page>> parts = new ArrayList<>();
        for (PageId page : tops) {
            String address = Addresses.of(site, page);
            parts.add(alone ? whereabouts.alone(page, address) : whereabouts.branch(page, address));
        }
        return parts;
    }

    /** @return the pages that took the places of those above them */
    private static List<PageId> takeOut(Draft draft, List<PageId> tops, boolean moveUp) {
        OutlineEditor<PageId, Page> pages = draft.pages().edit();
        List<PageId> up = new ArrayList<>();
        for (PageId page : tops) {
            if (moveUp) {
                List<PageId> subpages = pages.childrenOf(page);
                pages.move(subpages, new Place<>(pages.parentOf(page), page));
                up.addAll(subpages);
            }
            pages.remove(page);
        }
        draft.become(pages.done());
        return up;
    }

    private static Optional<Refusal> check(Site site, Change.RemovePages remove) {
        if (remove.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        for (PageId page : remove.pages()) {
            if (!site.pages().contains(page)) {
                return Optional.of(new Refusal.PageUnknown(page.value()));
            }
            @Nullable PageId home = site.home();
            boolean goes =
                    remove.subpages() == Change.Subpages.GO_TOO ? site.pages().isInside(home, page) : page.equals(home);
            if (home != null && goes) {
                return Optional.of(new Refusal.HomeStays(site.pages().get(home).title()));
            }
        }
        return Checks.isFree(site, remove.removal());
    }

    private static Stream<Page> going(Site site, List<PageId> tops, boolean alone) {
        return tops.stream()
                .flatMap(top -> alone
                        ? Stream.of(site.pages().get(top))
                        : site.pages().walk(top).stream().map(Branch::value));
    }

    private static Optional<Refusal> builtIn(Site site, List<PageId> tops, boolean alone) {
        return going(site, tops, alone)
                .filter(page -> page.kind().isBuiltIn())
                .findFirst()
                .map(page -> new Refusal.BuiltInStays(page.title()));
    }

    private static Optional<Refusal> locked(Site site, List<PageId> tops, boolean alone) {
        List<String> locked =
                going(site, tops, alone).filter(Page::locked).map(Page::title).toList();
        return locked.isEmpty()
                ? Optional.empty()
                : Optional.of(new Refusal.PageLocked(locked.getFirst(), locked.size() - 1));
    }

    private static void tell(Draft draft, Site before, Set<PageId> gone) {
        tellOfItems(draft, gone);
        long exceptions = before.assignments().stream()
                .filter(assignment -> switch (assignment.scope()) {
                    case Scope.Section(PageId page) -> gone.contains(page);
                    case Scope.Pages(Set<PageId> pages) -> gone.containsAll(pages);
                    case Scope.Everywhere all -> false;
                    case Scope.OfLayout layout -> false;
                    case Scope.OfTopic topic -> false;
                })
                .count();
        if (exceptions > 0) {
            draft.tell(new Notice.ExceptionsRest((int) exceptions));
        }
    }

    private static void tellOfItems(Draft draft, Set<PageId> gone) {
        Set<String> menus = new LinkedHashSet<>();
        int items = 0;
        for (Branch<MenuRowId, MenuRow> row : draft.site().menus().walk()) {
            boolean concerned = row.value() instanceof MenuRow.Item item
                    && switch (item.kind()) {
                        case ItemKind.ToPage(PageId page, int carries) -> gone.contains(page);
                        case ItemKind.ToPlace(PageId page, String name) -> gone.contains(page);
                        case ItemKind.Block.FormOf(PageId page) -> gone.contains(page);
                        case ItemKind.Block.SummaryOf(PageId page) -> gone.contains(page);
                        case ItemKind.PageList list ->
                            list.source() instanceof ListSource.Under(PageId root) && gone.contains(root);
                        default -> false;
                    };
            if (concerned) {
                items++;
                menus.add(MenuChecks.nameOf(draft.site(), draft.site().menuOf(row.id())));
            }
        }
        if (items > 0) {
            draft.tell(new Notice.ItemsRest(items, List.copyOf(menus)));
        }
    }
}
