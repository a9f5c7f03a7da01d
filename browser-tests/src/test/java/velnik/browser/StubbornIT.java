package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What nobody means to do, and answers that do not come as they should: the rows always end as the server has them. */
public class StubbornIT extends UndoneTest {
    @Test
    public void listsNobodyMeans_areRefusedInWords_andNothingIsAdded() {
        mara.presses("n").pastes("x\n".repeat(1_000_000));
        assertThat(pasted()).containsText("That would make more than 20,000 pages, the most a site has.");
        mara.presses("Enter", "Escape").pastes("y".repeat(10_000) + "\nShort");
        assertThat(pasted()).containsText("Line 1 has 10,000 characters; a title has at most 200.");
        mara.presses("Escape").pastes("z".repeat(9_000_000) + "\nShort");
        assertThat(mara.objection()).hasText("This is more than Velnik takes at once (8 MB). Nothing was changed.");
        mara.presses("Control+a", "Escape");
        mara.hasTheRowsOfTheServer();

        mara.opensMenu("Short").presses("n").pastes("x\n".repeat(1_000_000));
        assertThat(pasted()).containsText("This list has more than 2,000 items, the most a menu has.");
        mara.presses("Escape").pastes("a".repeat(500) + "\nShort");
        assertThat(pasted()).containsText("Line 1 has 500 characters; a label has at most 200.");
        mara.presses("Enter", "Escape", "Escape");
        mara.seesUnder("Short", "Home", "Contact");
        mara.forgives("413");
        mara.complainsOfNothing();
    }

    private Locator pasted() {
        return mara.page().locator(".pasted");
    }

    @Test
    public void listsOddlyIndented_areReadAsTheyLook() {
        mara.chooses("Contact").presses("n");
        mara.pastesList("\tShed\n\t    Bench\n  \t  Vice\n   Yard\n\n\t\tGate", "5 pages");
        mara.isTold("2 pages added to the top level with 3 pages beneath them.").presses("Escape");
        mara.hasTheRowsOfTheServer().complainsOfNothing();
    }

    @Test
    public void keysHeldDownAndDoubleClicks_endAsTheServerHasIt() {
        mara.chooses("Canoes");
        mara.holds("Control+Shift", "ArrowDown", 25).holds("Control+Shift", "ArrowUp", 12);
        mara.holds("Control+Shift", "ArrowLeft", 6).holds("Control+Shift", "ArrowRight", 9);
        mara.hasTheRowsOfTheServer();
        for (String button : List.of("Move up", "Move down", "Move in", "Move out")) {
            mara.button(button).dblclick(new Locator.DblclickOptions().setForce(true));
        }
        mara.hasTheRowsOfTheServer();
        mara.chooses("News")
                .holds("", "Delete", 4)
                .isTold("News is in the bin.")
                .hasTheRowsOfTheServer();
        mara.chooses("About us").presses("Home").chooses("Home");
        mara.row("Home").dblclick();
        mara.presses("Escape");
        mara.page()
                .getByText("Undo", new Page.GetByTextOptions().setExact(true))
                .dblclick();
        mara.hasTheRowsOfTheServer();
        mara.holds("Control", "z", 60).hasTheRowsOfTheServer();
        mara.forgives("422"); // nothing left to undo
        mara.complainsOfNothing();
    }

    @Test
    public void answerThatTakesFiveSeconds_isWaitedFor_andWhatWasAskedMeanwhileComesInItsTurn() {
        mara.waitsFor("/changes", 5_000).chooses("Canoes").presses("Control+Shift+ArrowDown");
        assertThat(mara.page().locator(".keeping")).hasText("Saving…");
        mara.chooses("Prices").presses("Control+Shift+ArrowUp");
        mara.isTold("Canoes moved after Kayaks.").isTold("Prices moved after Canoes.");
        assertThat(mara.page().locator(".keeping")).hasText("Saved");
        mara.hasTheRowsOfTheServer().complainsOfNothing();
    }

    /** The edit arrives, its answer does not; sent again under its name it is not made twice. */
    @Test
    public void answerThatNeverComes_isSaid_andTheEditIsMadeOnce() {
        boolean[] lost = {false};
        mara.page().route("**/-/api/changes", route -> {
            if (lost[0]) {
                route.resume();
            } else {
                lost[0] = true;
                route.fetch();
                route.abort();
            }
        });
        mara.chooses("Canoes").presses("Control+Shift+ArrowDown");
        mara.isTold("Canoes moved after Kayaks.");
        mara.hasTheRowsOfTheServer();
        mara.seesUnder("Hire", "Kayaks", "Canoes", "Rowing skiffs", "Prices", "Safety on the tide", "Group bookings");
        mara.forgives("ERR_FAILED");
        mara.complainsOfNothing();
    }

    @DataProvider
    public Object[][] answers() {
        return new Object[][] {
            {
                500,
                "application/problem+json",
                "{\"detail\":\"Something went wrong in Velnik.\"}",
                "Something went wrong in"
            },
            {400, "text/html", "<h1>A proxy's page</h1>", "Something went wrong. Nothing was changed."},
            {422, "application/problem+json", "{\"detail\":\"The tide is too low.\"}", "The tide is too low."},
        };
    }

    @Test(dataProvider = "answers")
    public void answerThatRefuses_isSaidBesideTheRow_andTheRowsAreAsTheyWere(
            int status, String type, String body, String said) {
        mara.page()
                .route(
                        Pattern.compile("/-/api/changes$"),
                        route -> route.fulfill(new Route.FulfillOptions()
                                .setStatus(status)
                                .setContentType(type)
                                .setBody(body)));
        mara.chooses("Canoes").presses("Control+Shift+ArrowDown");
        assertThat(mara.objection()).containsText(said);
        assertThat(mara.page().locator(".keeping")).hasText("Saved");
        mara.seesUnder("Hire", "Canoes", "Kayaks", "Rowing skiffs", "Prices", "Safety on the tide", "Group bookings");
        mara.presses("Enter").types("Boats").presses("Enter");
        assertThat(mara.objection()).containsText(said);
        mara.presses("Escape");
        mara.page().unrouteAll();
        mara.hasTheRowsOfTheServer();
        mara.forgives("Failed to load resource");
        mara.complainsOfNothing();
    }
}
