package velnik.core.pages;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.change.SortingChange;
import velnik.core.compare.Difference;
import velnik.core.outline.Place;
import velnik.core.site.LayoutId;
import velnik.core.site.NewPages;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.undo.Undoing;

/** How new pages begin, and what they are made from. */
public class ModelsTest {
    private static Change.AddPages adding(String id, @Nullable Reach reach) {
        return new Change.AddPages(List.of(
                new Change.NewPage(new PageId(id), Place.top(), PageKind.PAGE, "New", null, reach, false, "", null)));
    }

    private static Page made(SiteScript script, String id) {
        return script.site().pages().get(new PageId(id));
    }

    @Test
    public void newPages_beginAsTheSiteSays_unlessTheySayOtherwise() {
        SiteScript script = brackwater();
        script.does(new Change.SetNewPages(new NewPages(Reach.HELD_BACK, LayoutId.WIDE, null)))
                .says("New pages begin held back, wide; those there stay as they are.")
                .does(adding("silent", null))
                .does(adding("open", Reach.OPEN));
        assertEquals(made(script, "silent").reach(), Reach.HELD_BACK);
        assertEquals(made(script, "silent").layout(), LayoutId.WIDE);
        assertEquals(made(script, "open").reach(), Reach.OPEN);
    }

    @Test
    public void pageFromAModel_hasWhatIsOnIt_butNotItsReachDateOrLock() {
        SiteScript script = brackwater();
        PageId canoes = script.page("Canoes");
        script.does(
                        new SortingChange.SetTopics(List.of(canoes), Set.of("boats"), Set.of()),
                        new SortingChange.SetLayout(List.of(canoes), LayoutId.LANDING),
                        new Change.SetLock(List.of(canoes), true),
                        new Change.SetReach(List.of(canoes), Reach.HELD_BACK),
                        new Change.SetModel(List.of(canoes), true))
                .does(new Change.SetNewPages(new NewPages(Reach.OPEN, LayoutId.WIDE, canoes)))
                .says("New pages begin open, like Canoes; those there stay as they are.")
                .does(adding("like", null));
        Page like = made(script, "like");
        Page model = script.site().pages().get(canoes);
        assertEquals(
                List.of(like.text(), like.summary(), like.topics(), like.layout()),
                List.of(model.text(), model.summary(), model.topics(), LayoutId.LANDING));
        assertEquals(List.of(like.reach(), like.locked(), like.model()), List.of(Reach.OPEN, false, false));
        script.does(new Change.SetLock(List.of(canoes), false))
                .removes("Canoes")
                .does(adding("later", null));
        assertEquals(made(script, "later").layout(), LayoutId.WIDE, "a model that is gone is none");
    }

    @Test
    public void firstPage_isOpen_howeverNewPagesBegin() {
        SiteScript script = brackwater();
        Site empty = Site.bare()
                .withDetails(
                        script.site().details().withNewPages(new NewPages(Reach.HELD_BACK, LayoutId.STANDARD, null)));
        assertEquals(
                SiteScript.of(empty)
                        .does(adding("first", null))
                        .site()
                        .pages()
                        .get(new PageId("first"))
                        .reach(),
                Reach.OPEN);
    }

    @Test
    public void zoneOfDays_isTakenBack_thoughNewPagesBeginOtherwiseSince() {
        Site before = brackwater().site();
        SiteScript script = brackwater().does(new Change.SetTimeZone(java.time.ZoneId.of("Asia/Tokyo")));
        Difference zone = Difference.between(before, script.site());
        NewPages held = new NewPages(Reach.HELD_BACK, LayoutId.STANDARD, null);
        script.does(new Change.SetNewPages(held));
        assertEquals(
                Undoing.undo(script.site(), zone),
                new Undoing.Result.Undone(before.withDetails(before.details().withNewPages(held))));
    }

    @Test
    public void whatIsNoPage_isNoModel_andNothingChanged() {
        SiteScript script = brackwater();
        script.refuses(
                new Change.SetModel(List.of(script.page("Canoes"), script.page("Moorings")), true),
                Refusal.NoModel.class,
                "Moorings has nothing on it to make new pages from, so it cannot be a model page.");
        script.refuses(
                new Change.SetNewPages(new NewPages(Reach.OPEN, LayoutId.WIDE, Site.idOfBuiltIn(PageKind.SEARCH))),
                Refusal.NoModel.class);
        script.refuses(
                new Change.SetNewPages(new NewPages(Reach.OPEN, LayoutId.WIDE, new PageId("gone"))),
                Refusal.PageUnknown.class);
        script.refuses(
                new Change.SetNewPages(new NewPages(Reach.OPEN, new LayoutId("gone"), null)),
                Refusal.LayoutUnknown.class);
    }
}
