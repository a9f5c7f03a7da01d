package velnik.core;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.fail;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.change.Change;
import velnik.core.change.Changes;
import velnik.core.change.Circumstances;
import velnik.core.change.Notice;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.explanation.ReachSentence;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.sample.Brackwater;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/** A site and what is done to it, so that tests read as sentences. Pages are called by their titles. */
public final class SiteScript {
    private static final Instant NOW = Instant.parse("2026-06-01T10:00:00Z");

    private Site site;
    private final Set<PageId> published = new HashSet<>();
    private @Nullable Outcome last;

    private SiteScript(Site site) {
        this.site = site;
    }

    public static SiteScript brackwater() {
        SiteScript script = new SiteScript(Site.bare());
        Brackwater.changes().forEach(script::does);
        return script;
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
        site.pages().walk().forEach(row -> published.add(row.id()));
        return this;
    }

    public SiteScript does(Change change) {
        last = Changes.apply(site, change, new Circumstances(published));
        if (last instanceof Outcome.Applied applied) {
            site = applied.site();
        }
        return this;
    }

    public SiteScript adds(String title, String parent) {
        return does(new Change.AddPages(List.of(Change.NewPage.open(
                new PageId("new-" + site.pages().size()), site.pages().endOf(page(parent)), title))));
    }

    public SiteScript retitles(String page, String title) {
        return does(new Change.RetitlePage(page(page), title));
    }

    public SiteScript setsSlug(String page, @Nullable String slug) {
        return does(new Change.SetSlug(page(page), slug));
    }

    public SiteScript setsReach(String page, Reach reach) {
        return does(new Change.SetReach(List.of(page(page)), reach));
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
        if (last instanceof Outcome.Applied applied) {
            assertEquals(applied.notices().stream().map(Notice::sentence).toList(), List.of(sentences));
        } else {
            fail("refused: " + last);
        }
        return this;
    }

    /** The change is refused for this reason, in this sentence, and the site is the very same as before. */
    public SiteScript refuses(Change change, Class<? extends Refusal> why, String sentence) {
        Site before = site;
        does(change);
        if (last instanceof Outcome.Refused refused) {
            assertEquals(refused.why().getClass(), why);
            assertEquals(refused.why().sentence(), sentence);
        } else {
            fail("not refused: " + change);
        }
        assertSame(site, before);
        return this;
    }

    public SiteNavigation navigation() {
        return SiteNavigation.of(site, NOW);
    }

    public String reachOf(String page) {
        return ReachSentence.of(site, navigation(), page(page));
    }
}
