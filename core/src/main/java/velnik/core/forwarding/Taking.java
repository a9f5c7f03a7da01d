package velnik.core.forwarding;

import java.util.HashSet;
import java.util.Set;
import velnik.core.address.Addresses;
import velnik.core.change.Notice;
import velnik.core.draft.Draft;
import velnik.core.explanation.Words;
import velnik.core.outline.Branch;
import velnik.core.site.Forward;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** A page comes before a forward: where one takes an address that leads to another, the owner is told. */
public final class Taking {
    private final Draft draft;
    private final Site site;
    private final Forwarding forwarding;
    private final Set<PageId> told = new HashSet<>();

    private Taking(Draft draft) {
        this.draft = draft;
        this.site = draft.site();
        this.forwarding = Forwarding.of(site);
    }

    /** Costs O(pages that got other addresses + forwards); nothing where nothing is forwarded. */
    public static void tell(Draft draft) {
        Site site = draft.site();
        if (draft.addressed().isEmpty()
                || site.forwards().isEmpty() && site.past().addresses().isEmpty()) {
            return;
        }
        Taking taking = new Taking(draft);
        for (PageId page : draft.addressed()) {
            if (site.pages().contains(page)) {
                taking.tell(site.pages().branch(page), Addresses.above(site, page));
            }
        }
    }

    private void tell(Branch<PageId, Page> page, String path) {
        if (!told.add(page.id())) {
            return;
        }
        if (!site.isHome(page.id())) {
            forwarding
                    .exactly(path)
                    .filter(target -> !target.equals(new Forward.Target.ToPage(page.id())))
                    .filter(target -> !(target instanceof Forward.Target.Gone))
                    .ifPresent(target -> draft.tell(new Notice.TakesAddress(
                            path, Words.target(site, target), page.value().title())));
        }
        for (Branch<PageId, Page> child : page.children()) {
            tell(child, path + "/" + child.value().slug());
        }
    }
}
