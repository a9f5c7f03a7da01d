package velnik.core.draft;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.SequencedMap;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Circumstances;
import velnik.core.change.Notice;
import velnik.core.change.Remedy;
import velnik.core.outline.Outline;
import velnik.core.reach.Openings;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Removal;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;

/**
 * A change in the making: the site as far as it has come, and the notices so far. Starts from a site that stays as it
 * is; a refusal simply drops the draft.
 */
public final class Draft {
    private Site site;
    /** The bin whose rows are {@link #binned}. */
    private List<Removal> bin = List.of();

    private Set<MenuRowId> binned = Set.of();
    private final Circumstances circumstances;
    /** In the order in which the first of each kind was told; {@link #changing} stands for its kind. */
    private final SequencedMap<Class<?>, List<Notice>> notices = new LinkedHashMap<>();

    private Notice.@Nullable AddressesChange changing;

    /** Pages that got other addresses, with all beneath them. */
    private final Set<PageId> addressed = new LinkedHashSet<>();

    private final Set<PageId> opening = new LinkedHashSet<>();
    private final Set<PageId> movingUp = new LinkedHashSet<>();

    /** How many notices of one kind are told one by one. */
    private static final int ALIKE = 10;

    public Draft(Site site, Circumstances circumstances) {
        this.site = site;
        this.circumstances = circumstances;
    }

    public Site site() {
        return site;
    }

    /** Which periods run as the change happens. */
    public Openings openings() {
        return Openings.at(site, circumstances.now());
    }

    public Outline<PageId, Page> pages() {
        return site.pages();
    }

    public void become(Site next) {
        site = next;
    }

    public void become(Outline<PageId, Page> pages) {
        site = site.withPages(pages);
    }

    public boolean wasPublished(PageId page) {
        return site.published().containsKey(page);
    }

    /** Whether a menu or item lies in the bin. */
    @SuppressWarnings("ReferenceEquality") // the same list has the same in it
    public boolean isInBin(MenuRowId row) {
        if (bin != site.bin()) {
            bin = site.bin();
            binned = site.removedRows();
        }
        return binned.contains(row);
    }

    /** Puts what goes into the bin. */
    public void bin(RemovalId id, List<Removal.Part<PageId, Page>> pages, List<Removal.Part<MenuRowId, MenuRow>> rows) {
        List<Removal> bin = new ArrayList<>(site.bin());
        bin.add(new Removal(id, circumstances.now(), circumstances.person(), pages, rows));
        site = site.withBin(bin);
    }

    /** Remembers that a page, and all beneath it, got addresses that they did not have. */
    public void addressed(PageId page) {
        addressed.add(page);
    }

    public Set<PageId> addressed() {
        return addressed;
    }

    /** Addresses that change one after another are told together; of many alike the first are told. */
    public void tell(Notice notice) {
        if (notice instanceof Notice.AddressesChange more) {
            changing = changing == null
                    ? more
                    : new Notice.AddressesChange(
                            changing.count() + more.count(), changing.published() + more.published());
            notices.putIfAbsent(Notice.AddressesChange.class, new ArrayList<>());
            return;
        }
        notices.computeIfAbsent(notice.getClass(), kind -> new ArrayList<>()).add(notice);
    }

    /** Tells something that would be otherwise if a page were open that withholds it. */
    public void tell(Notice notice, List<PageId> openingHelps) {
        tell(notice);
        opening.addAll(openingHelps);
    }

    /** Tells something of the subpages of pages that would be otherwise if those stood beside them. */
    public void tellOfSubpages(Notice notice, List<PageId> pages) {
        tell(notice);
        pages.stream().filter(page -> !site.pages().childrenOf(page).isEmpty()).forEach(movingUp::add);
    }

    public List<Remedy> remedies() {
        List<Remedy> remedies = new ArrayList<>();
        if (!opening.isEmpty()) {
            remedies.add(new Remedy.Open(List.copyOf(opening)));
        }
        if (!movingUp.isEmpty()) {
            remedies.add(new Remedy.MoveUp(List.copyOf(movingUp)));
        }
        return remedies;
    }

    public List<Notice> notices() {
        List<Notice> told = new ArrayList<>();
        for (List<Notice> alike : notices.sequencedValues()) {
            told.addAll(alike.subList(0, Math.min(ALIKE, alike.size())));
            if (alike.isEmpty() && changing != null) {
                told.add(changing);
            } else if (alike.size() > ALIKE) {
                told.add(new Notice.AndMore(alike.size() - ALIKE));
            }
        }
        return told;
    }
}
