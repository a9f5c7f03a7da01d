package velnik.core.navigation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.address.AddressWriter;
import velnik.core.change.Change;
import velnik.core.change.FileChange;
import velnik.core.change.MenuChange;
import velnik.core.exchange.MarkdownList;
import velnik.core.exchange.Outlined;
import velnik.core.figure.Clicks;
import velnik.core.files.FileUses;
import velnik.core.site.Device;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.ItemKind.Block;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

public class BlocksTest {
    private static final FileId SLIP = new FileId("slip");

    @DataProvider
    public Object[][] withheld() {
        PageId groups = brackwater().page("Group bookings");
        PageId canoes = brackwater().page("Canoes");
        Change noPosition = Change.SetDetails.NONE.withPosition("");
        Change noContact =
                Change.SetDetails.NONE.withPhone("").withMail("").withPostal("").withHours("");
        return new Object[][] {
            {new Block.PositionMap(), noPosition, "Nothing is typed for it on The business."},
            {new Block.ContactCard(), noContact, "Nothing is typed for it on The business."},
            {new Block.Picture(SLIP, Block.Side.END), new FileChange.RemoveFiles(List.of(SLIP)), "Its file was removed."
            },
            {new Block.FormOf(groups), new Change.SetForm(groups, List.of()), "Group bookings has no form."},
            {new Block.FormOf(groups), held(groups), "Its page is held back."},
            {new Block.SummaryOf(canoes), held(canoes), "Its page is held back."},
            {new Block.SearchField(), held(brackwater().page("Search")), "Its page is held back."},
        };
    }

    private static Change held(PageId page) {
        return new Change.SetReach(List.of(page), Reach.HELD_BACK);
    }

    /** A block shows while what it shows is there for visitors; then the owner reads why not, and its heading goes too. */
    @Test(dataProvider = "withheld")
    public void aBlock_showsWhileWhatItShowsIsThere(ItemKind block, Change goes, String why) {
        SiteScript script = brackwater();
        script.addsMenu("Panel").puts(new ItemKind.Heading(), "Come by", script.menu("Panel"));
        MenuRowId heading = script.latest();
        script.puts(block, "", heading).assigns(Zone.SIDEBAR, new Scope.Everywhere(), "Panel");
        MenuRowId there = script.latest();
        assertTrue(script.sees("Home", Zone.SIDEBAR).startsWith("Come by"));
        script.does(goes);
        assertEquals(script.sees("Home", Zone.SIDEBAR), "");
        assertEquals(script.whyNot(there), why);
        assertEquals(script.whyNot(heading), "A heading shows once something under it does.");
    }

    /** What a block shows of a members' page is theirs. */
    @Test
    public void aSummary_isForThoseWhoGetThePage() {
        SiteScript script = brackwater().keepsForMembers("Canoes");
        script.addsMenu("Panel").puts(new Block.SummaryOf(script.page("Canoes")), "", script.menu("Panel"));
        // A link may ask others to sign in; what is written about the page is not theirs to read.
        script.sets(script.latest(), MenuChange.ItemEdit.of(edit -> edit.beforeSignIn(true)));
        script.assigns(Zone.SIDEBAR, new Scope.Everywhere(), "Panel");
        assertEquals(script.sees("Home", Zone.SIDEBAR, Visitor.NON_MEMBER), "");
        assertEquals(script.sees("Home", Zone.SIDEBAR, Visitor.MEMBER), "Canoes");
    }

    /** A summary is a way to its page, and no place of it: new pages and marks go by items. */
    @Test
    public void aSummary_leadsToItsPage() {
        SiteScript script = brackwater().adds("Open day", null, Reach.BY_LINK_ONLY);
        script.addsMenu("Panel").puts(new Block.SummaryOf(script.page("Open day")), "", script.menu("Panel"));
        script.assigns(Zone.SIDEBAR, new Scope.Everywhere(), "Panel");
        PageId day = script.page("Open day");
        assertEquals(
                Clicks.of(script.site(), script.navigation(), Device.WIDE, script.texts())
                        .to(day)
                        .getAsInt(),
                1);
        assertEquals(Whereabouts.of(script.site(), script.navigation()).of(day), List.of());
    }

    /** Those who read words and links get those that are one; what is under the others stands in their place. */
    @Test
    public void formatsOfWords_haveOnlyWordsAndLinks() {
        SiteScript script = brackwater();
        script.addsMenu("Panel");
        MenuRowId panel = script.menu("Panel");
        script.puts(new Block.Words("Ring first.\nThen come."), "", panel)
                .puts(new Block.PositionMap(), "", panel)
                .puts(new Block.SummaryOf(script.page("Canoes")), "", panel)
                .puts(new Block.Picture(SLIP, Block.Side.ABOVE), "", panel)
                .putsPage("Moorings", script.latest());
        assertEquals(
                MarkdownList.ofItems(
                        Outlined.menu(script.site(), script.navigation(), panel, AddressWriter.fromRoot())),
                "- Ring first. Then come.\n- [Canoes](/hire/canoes)\n- [Moorings](/moorings)\n");
    }

    @Test
    public void aPictureInAMenu_isAUseOfIt() {
        SiteScript script = brackwater();
        script.puts(new Block.Picture(SLIP, Block.Side.ABOVE), "", script.menu("Footer"));
        assertEquals(
                FileUses.of(script.site(), script.texts())
                        .getOrDefault(SLIP, FileUses.NONE)
                        .rows(),
                List.of(new FileUses.RowUse(script.latest(), null)));
    }
}
