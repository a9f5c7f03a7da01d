package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Two people at the same site at once. */
public class TogetherIT extends DemoTest {
    private Owner mara;
    private Owner jo;

    @BeforeMethod
    public void signIn() {
        mara = new Owner(velnik, wide()).signsIn();
        jo = new Owner(velnik, wide()).signsIn("jo", "neap-tide");
    }

    /** In turns: what one did may stand on what the other did before. */
    @AfterMethod(alwaysRun = true)
    public void undo() {
        boolean done = false;
        for (int turns = 0; turns < 20 && !done; turns++) {
            done = mara.undoesWhatCanBe() & jo.undoesWhatCanBe();
        }
        assertTrue(done, "nothing is left to undo");
    }

    @Test
    public void editsOfAnother_areSeenAndTold_andTheFocusAndTheChosenRowStay() {
        mara.chooses("Kayaks");
        jo.chooses("Canoes").presses("Control+Shift+ArrowDown").isTold("Canoes moved after Kayaks.");
        mara.isTold("Jo Lindqvist: Canoes moved after Kayaks.");
        mara.seesUnder("Hire", "Kayaks", "Canoes", "Rowing skiffs", "Prices", "Safety on the tide", "Group bookings");
        assertThat(mara.page().locator(".foot-line").getByText("Undo")).hasCount(0);
        assertThat(mara.outline()).isFocused();
        assertThat(mara.row("Kayaks")).hasAttribute("aria-selected", "true");
        mara.presses("Control+Shift+ArrowDown").isTold("Kayaks moved after Canoes.");
        jo.isTold("Mara Okafor: Kayaks moved after Canoes.");
        jo.opensMenu("Main").chooses("Hire").presses("h").isTold("Hire is hidden.");
        assertThat(mara.header().getByText("Hire")).hasCount(0);
        jo.presses("h").isTold("Hire shows again.");
        assertThat(mara.header().getByText("Hire")).isVisible();
        mara.chooses("Prices");
        jo.opensScreen("Pages").chooses("Prices").presses("Delete").isTold("Prices is in the bin.");
        assertThat(mara.row("Prices")).hasCount(0);
        assertThat(mara.outline()).isFocused();
        assertThat(mara.page().locator("[role=row][aria-selected=true]")).hasCount(1);
        mara.publishes();
        assertThat(jo.page().getByText("Nothing waits").first()).isVisible();
        jo.isTold("is what visitors see now.");
        mara.forgives("404"); // what was asked about a page just when it was removed
        mara.complainsOfNothing();
        jo.complainsOfNothing();
    }

    @Test
    public void whatIsBeingTyped_staysWhenTheValueBecomesAnother_andBothAreShown() {
        mara.chooses("Canoes").presses("Enter").types("Open canoes");
        jo.chooses("Canoes").presses("Enter").types("Canadian canoes").presses("Enter");
        jo.isTold("Canoes is now Canadian canoes.");
        assertThat(mara.objection().getByText("Now “Canadian canoes”")).isVisible();
        mara.presses("Escape");
        assertThat(mara.row("Canadian canoes")).isVisible();

        Locator address = mara.page().getByLabel("Address", new Page.GetByLabelOptions().setExact(true));
        address.fill("open-canoes");
        jo.page()
                .getByLabel("Address", new Page.GetByLabelOptions().setExact(true))
                .fill("canadians");
        jo.presses("Enter").isTold("Canadian canoes is now at /hire/canadians.");
        assertThat(mara.page().locator(".card"))
                .containsText("Meanwhile it was changed to “canadians”. Enter saves what you typed, Escape cancels.");
        assertThat(address).hasValue("open-canoes");
        mara.presses("Escape");
        assertThat(address).hasValue("canadians");
        mara.complainsOfNothing();
    }

    /** Nothing is heard of the other's edits; the answer to one's own tells that there were some. */
    @Test
    public void whoHearsNothing_catchesUpWithTheNextEdit() {
        mara.page().route("**/-/api/events", route -> route.abort());
        mara.page().reload();
        mara.chooses("Canoes");
        jo.chooses("Prices").presses("Control+Shift+ArrowUp").isTold("Prices moved after Kayaks.");
        jo.chooses("Contact")
                .presses("Enter")
                .types("Talk to us")
                .presses("Enter")
                .isTold("Contact is now Talk to us.");
        mara.seesUnder("Hire", "Canoes", "Kayaks", "Rowing skiffs", "Prices", "Safety on the tide", "Group bookings");
        mara.presses("Control+Shift+ArrowDown").isTold("Canoes moved after Kayaks.");
        mara.seesUnder("Hire", "Kayaks", "Canoes", "Prices", "Rowing skiffs", "Safety on the tide", "Group bookings");
        mara.chooses("Talk to us");
        mara.page().unroute("**/-/api/events");
        mara.forgives("ERR_FAILED");
        mara.complainsOfNothing();
    }

    @Test
    public void rowsRemovedWhileTheyAreDragged_areNotMoved_andItIsSaid() {
        mara.chooses("Kayaks").drags(mara.row("Kayaks"), mara.row("Repairs"), 0.5);
        assertThat(mara.dragNote()).containsText("Under Repairs");
        jo.chooses("Kayaks").presses("Delete").isTold("Kayaks is in the bin.");
        assertThat(mara.dragNote()).containsText("That page is no longer there.");
        mara.letsGo();
        assertThat(mara.dragNote()).hasCount(0);
        mara.isTold("Jo Lindqvist: Kayaks is in the bin.");
        assertThat(mara.row("Kayaks")).hasCount(0);
        assertThat(mara.row("Repairs")).hasCount(1);
        mara.forgives("404");
        mara.complainsOfNothing();
    }

    /** Each sees the other's words come in, and where both write at once, both stand in the text. */
    @Test
    public void twoInOneText_keepTheWordsOfBoth() {
        for (Owner who : new Owner[] {mara, jo}) {
            who.chooses("Kayaks").presses("t");
            assertThat(textOf(who)).isFocused();
        }
        mara.presses("Control+End").types("\n\nMara was here.");
        assertThat(textOf(jo)).containsText("Mara was here.");
        jo.presses("Control+Home").types("Jo too. ");
        assertThat(textOf(mara)).containsText("Jo too. Faster than a canoe");
        mara.types(" And again,");
        jo.types("And again. ");
        mara.types(" at last.");
        for (Owner who : new Owner[] {mara, jo}) {
            assertThat(textOf(who)).containsText("Jo too. And again. Faster than a canoe");
            assertThat(textOf(who)).containsText("Mara was here. And again, at last.");
        }
        mara.forgives("409"); // each was told that the other had written
        jo.forgives("409");
        mara.complainsOfNothing();
        jo.complainsOfNothing();
    }

    private static Locator textOf(Owner who) {
        return who.page().locator(".writing .cm-content");
    }
}
