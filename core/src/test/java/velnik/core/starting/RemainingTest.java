package velnik.core.starting;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.ZoneId;
import java.util.List;
import org.testng.annotations.Test;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.sample.Brackwater;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.TextHash;

public class RemainingTest {

    private static Site applied(Site site, List<Change> changes) {
        return ((Outcome.Applied) Changes.applyAll(site, changes, Circumstances.NOBODY)).site();
    }

    private static Remaining.Step of(Remaining remaining, Remaining.Kind kind) {
        return remaining.steps().stream()
                .filter(step -> step.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static boolean allDone(Remaining remaining) {
        return remaining.steps().stream().allMatch(Remaining.Step::done);
    }

    @Test
    public void boatyard_hasNothingLeft() {
        assertTrue(allDone(Remaining.of(Brackwater.site(), true)));
        assertFalse(allDone(Remaining.of(Brackwater.site(), false)));
    }

    /** Each step ticks itself by what it is about, and by nothing else. */
    @Test
    public void eachStepIsDone_onceWhatItAsksForIsThere() {
        Site begun = applied(
                Site.bare(),
                List.of(new Change.BeginSite(
                        "Creek", "", ZoneId.of("UTC"), new MenuRowId("main"), new MenuRowId("main-list"))));
        assertTrue(of(Remaining.of(begun, false), Remaining.Kind.TEXTS).done(), "no structure, no texts to replace");
        Site site = applied(
                begun,
                Workshop.STRUCTURE
                        .plan(begun, key -> "w-" + key, Circumstances.NOBODY)
                        .changes());
        Remaining first = Remaining.of(site, false);
        assertTrue(first.steps().stream().noneMatch(Remaining.Step::done));
        Remaining.Step texts = of(first, Remaining.Kind.TEXTS);
        assertEquals(texts.page(), site.home());
        assertEquals(texts.count(), 7, "all but From drawing to delivery and Contact, which say nothing in brackets");

        for (int written = 1; written <= 7; written++) {
            PageId page = requireNonNull(
                    of(Remaining.of(site, false), Remaining.Kind.TEXTS).page());
            site = site.withPages(site.pages()
                    .replace(page, site.pages().get(page).withText(TextHash.of("Chairs, number " + written))));
            assertEquals(of(Remaining.of(site, false), Remaining.Kind.TEXTS).count(), 7 - written);
        }
        site = applied(
                site,
                List.of(Change.SetDetails.NONE.with().phone("01632 960 983").build()));
        assertTrue(of(Remaining.of(site, false), Remaining.Kind.CONTACT).done());
        assertFalse(of(Remaining.of(site, false), Remaining.Kind.ADDRESS).done());
        site = applied(
                site,
                List.of(Change.SetDetails.NONE
                        .with()
                        .address("https://creek.example")
                        .build()));
        assertEquals(
                Remaining.of(site, false).steps().stream()
                        .filter(step -> !step.done())
                        .map(Remaining.Step::kind)
                        .toList(),
                List.of(Remaining.Kind.PUBLISH));
        assertTrue(allDone(Remaining.of(site, true)));
    }
}
