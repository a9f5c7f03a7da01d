package velnik.core.change;

import java.util.ArrayList;
import java.util.List;
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
final class Draft {
    private Site site;
    private final Circumstances circumstances;
    private final List<Notice> notices = new ArrayList<>();

    Draft(Site site, Circumstances circumstances) {
        this.site = site;
        this.circumstances = circumstances;
    }

    Site site() {
        return site;
    }

    /** Which periods run as the change happens. */
    Openings openings() {
        return Openings.at(site, circumstances.now());
    }

    Outline<PageId, Page> pages() {
        return site.pages();
    }

    void become(Site next) {
        site = next;
    }

    void become(Outline<PageId, Page> pages) {
        site = site.withPages(pages);
    }

    boolean wasPublished(PageId page) {
        return site.published().containsKey(page);
    }

    /** Puts what goes into the bin. */
    void bin(RemovalId id, List<Removal.Part<PageId, Page>> pages, List<Removal.Part<MenuRowId, MenuRow>> rows) {
        List<Removal> bin = new ArrayList<>(site.bin());
        bin.add(new Removal(id, circumstances.now(), circumstances.person(), pages, rows));
        site = site.withBin(bin);
    }

    /** Addresses that change one after another are told together. */
    void tell(Notice notice) {
        if (notice instanceof Notice.AddressesChange more) {
            for (int i = 0; i < notices.size(); i++) {
                if (notices.get(i) instanceof Notice.AddressesChange so) {
                    notices.set(
                            i,
                            new Notice.AddressesChange(so.count() + more.count(), so.published() + more.published()));
                    return;
                }
            }
        }
        notices.add(notice);
    }

    List<Notice> notices() {
        return notices;
    }
}
