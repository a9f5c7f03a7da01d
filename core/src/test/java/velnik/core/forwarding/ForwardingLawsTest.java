package velnik.core.forwarding;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.address.Addresses;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Forward;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/** What holds of addresses over random histories with publishings between. */
public class ForwardingLawsTest {
    private static final int EDITS = 350;

    @DataProvider
    public Object[] seeds() {
        return new Object[] {11L, 12L, 13L, 14L, 18L, 17L};
    }

    @Test(dataProvider = "seeds")
    public void addressOnceKnown_neverDies_andLeadsOnInOneStep(long seed) {
        RandomEdits edits = new RandomEdits(seed);
        Site site = Site.bare();
        Site live = Site.bare();
        Map<String, PageId> known = new HashMap<>();
        int forwarded = 0;
        for (int i = 1; i <= EDITS; i++) {
            if (Changes.apply(site, edits.next(site), Circumstances.NOBODY) instanceof Outcome.Applied applied) {
                site = applied.site();
            }
            if (i % 10 == 0 && site.home() != null) {
                site = Releasing.released(live, site, Instant.EPOCH.plusSeconds(i));
                live = site;
                forwarded += assertAllAnswer(live, known);
                remember(live, known);
            }
        }
        assertTrue(forwarded > 10, "the law is about something: " + forwarded);
    }

    /** Which page visitors knew last by each address; one outside its periods may be known from within them. */
    private static void remember(Site live, Map<String, PageId> known) {
        Openings openings = Openings.at(live, Instant.EPOCH);
        for (Branch<PageId, Page> page : live.pages().walk()) {
            if (Access.of(live, page.id(), openings).reach() != Reach.HELD_BACK && !live.isHome(page.id())) {
                known.put(Addresses.of(live, page.id()), page.id());
            }
        }
    }

    private static int assertAllAnswer(Site live, Map<String, PageId> known) {
        Forwarding forwarding = Forwarding.of(live);
        int forwarded = 0;
        for (Map.Entry<String, PageId> entry : known.entrySet()) {
            String address = entry.getKey();
            Optional<PageId> there = Addresses.find(live, address);
            if (there.isPresent()) {
                continue;
            }
            forwarded++;
            Forward.Target target = forwarding.at(address).orElseThrow(() -> new AssertionError(address + " is dead"));
            if (target instanceof Forward.Target.ToPage(PageId page)) {
                assertTrue(live.pages().contains(page), address + " leads to a page that is not there");
            }
            boolean byHand = live.findForward(new Forward.Source.At(address)).isPresent();
            if (!byHand && live.pages().contains(entry.getValue())) {
                assertEquals(target, new Forward.Target.ToPage(entry.getValue()), address);
            }
        }
        return forwarded;
    }
}
