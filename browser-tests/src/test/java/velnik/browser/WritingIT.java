package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** Pages are written on, and what is written on them leads where it should. */
public class WritingIT extends UndoneTest {

    private Locator text() {
        return mara.page().locator(".writing .cm-content");
    }

    private Locator inWindow(String selector) {
        return mara.window().locator("main " + selector);
    }

    private Locator offer(String title) {
        return mara.page().getByRole(AriaRole.OPTION).filter(new Locator.FilterOptions().setHasText(title));
    }

    /** Opens the text of the chosen page and goes to its end. */
    private void writesAtTheEnd() {
        mara.presses("t");
        assertThat(text()).isFocused();
        mara.presses("Control+End");
    }

    @Test
    public void pageIsWrittenFromNothing_byKeyboard_andItsLinksFollowTheirPages() {
        mara.chooses("Hire").presses("n").types("Mud walks").presses("Enter", "Escape");
        mara.chooses("Mud walks");
        writesAtTheEnd();
        mara.types("Walk where the water was.\n\n## Bring\n\n- boots\na friend\n\n");
        assertThat(text()).containsText("- a friend"); // Enter goes on with the list
        mara.types("Then by [cano");
        assertThat(offer("Canoes")).isVisible();
        mara.presses("Enter").types(", or [for nothing](/hire/prices), or ring [us](tel:+441632960983).");
        assertThat(inWindow("h2")).hasText(new String[] {"Bring"});
        assertThat(inWindow(".text > ul li")).hasText(new String[] {"boots", "a friend"});
        assertThat(inWindow("p a")).hasText(new String[] {"Canoes", "for nothing", "us"});
        assertThat(mara.page().locator(".page-name")).hasText(new String[] {"Canoes", "→ Prices"});
        mara.isTold("The text of Mud walks is saved.").isAccessible("writing");
        mara.clicks("Back to the pages");
        assertThat(mara.row("Mud walks")).hasAttribute("aria-selected", "true");
        mara.publishes();
        mara.sends("{'kind':'movePages','pages':['canoes'],'place':{'parent':'repairs','after':null}},"
                + "{'kind':'retitlePage','page':'canoes','title':'Open canoes'}");
        mara.publishes();
        mara.chooses("Open canoes");
        assertThat(mara.page().locator(".card .linked-from")).containsText("Mud walks");
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/mud-walks");
        Locator links = visitor.page().locator("main p a");
        assertThat(links).hasText(new String[] {"Open canoes", "for nothing", "us"});
        links.first().click();
        visitor.reads("Open canoes");
        assertEquals(visitor.page().url(), velnik.url("/repairs/canoes"));
        visitor.complainsOfNothing();
        mara.complainsOfNothing();
    }

    /** From a text and from a menu, by typing; and a heading that gets other words is led to all the same. */
    @Test
    public void aHeadingIsLedTo_andStaysSoWhenItIsRenamed() {
        mara.chooses("Canoes");
        writesAtTheEnd();
        mara.types("\n\n## Deposits and keys\n\nTake them along.").isTold("The text of Canoes is saved.");
        mara.clicks("Back to the pages").chooses("Kayaks");
        writesAtTheEnd();
        mara.types("\n\nSee [depos");
        assertThat(offer("Deposits and keys")).isVisible();
        mara.presses("Enter").types(" too.");
        assertThat(inWindow("p a").last()).hasText("Deposits and keys");
        mara.isTold("The text of Kayaks is saved.").opensScreen("Menus").chooses("Terms of hire");
        mara.presses("n").types("deposits");
        assertThat(offer("Deposits and keys")).isVisible();
        mara.presses("Enter", "Escape").isTold("Deposits and keys added");
        assertThat(mara.row("Deposits and keys")).containsText("/hire/canoes#deposits-and-keys");
        mara.isAccessible("an item that leads to a place on a page");
        mara.opensScreen("Pages").chooses("Canoes");
        writesAtTheEnd();
        mara.presses("ArrowUp", "ArrowUp", "End").types(" to bring");
        assertThat(mara.page().locator(".page-name").last()).hasText("#deposits-and-keys");
        assertThat(inWindow("h2").last()).hasText("Deposits and keys to bring");
        mara.isTold("The text of Canoes is saved.").publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/hire/kayaks");
        visitor.page().locator("main p a").last().click();
        visitor.reads("Canoes");
        assertThat(visitor.page().locator(":target")).hasText("Deposits and keys to bring");
        visitor.complainsOfNothing();
        mara.complainsOfNothing();
    }

    @Test
    public void formAndContactCard_standWhereTheyArePutInAText() {
        mara.chooses("Contact");
        writesAtTheEnd();
        assertThat(mara.button("Enquiry form")).isDisabled();
        mara.clicks("Contact card");
        assertThat(mara.page().locator(".page-name").last()).hasText("the contact card");
        assertThat(inWindow(".contact-card .hours")).containsText("Mon–Fri");
        mara.isTold("The text of Contact is saved.").clicks("Back to the pages");
        mara.chooses("Group bookings").presses("t");
        assertThat(text()).isFocused();
        mara.presses("Control+Home").clicks("Enquiry form");
        assertThat(inWindow("form.enquiry ~ p").first()).isVisible();
        assertThat(inWindow("form.enquiry")).hasCount(1);
        mara.isTold("The text of Group bookings is saved.").isAccessible("a form in a text");
        mara.complainsOfNothing();
    }

    @Test
    public void aStretchOfTyping_isOneEdit_andUndoneAtOnce() {
        mara.chooses("Contact").clicks("Write");
        assertThat(text()).isFocused();
        String before = text().innerText();
        mara.presses("Control+End").types("\n\nCome by.");
        assertThat(inWindow("p").last()).hasText("Come by.");
        mara.presses("Control+Shift+ArrowLeft", "Control+Shift+ArrowLeft");
        mara.clicks("Bold");
        assertThat(inWindow("strong").last()).hasText("by.");
        mara.clicks("Heading");
        assertThat(inWindow("h2").last()).hasText("Come by.");
        mara.isTold("The text of Contact is saved.");
        mara.clicks("Undo");
        assertThat(inWindow("h2")).hasCount(0);
        assertThat(text()).hasText(before.replace("\n", ""));
        mara.page().getByLabel("Summary").fill("Ring, write, or wave.");
        mara.presses("Enter").isTold("Contact has another summary.");
        assertThat(inWindow(".summary")).hasText("Ring, write, or wave.");
        mara.complainsOfNothing();
    }

    @Test
    public void searchEnginesAreToldOtherWords_shownAsTheyWouldRead() {
        mara.chooses("Hulls");
        Locator found = mara.page().locator(".as-found");
        assertThat(found).isVisible();
        assertThat(found).containsText("brackwater.example/repairs/hulls");
        assertThat(found).containsText("Hulls · Brackwater Boatyard");
        mara.page().locator("#search-title").fill("Hull repairs on the Brack");
        mara.presses("Enter").isTold("Search engines and shared links say other words of Hulls");
        assertThat(found).containsText("Hull repairs on the Brack");
        mara.isAccessible("words for search engines");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/repairs/hulls").reads("Hulls");
        assertThat(visitor.page()).hasTitle("Hull repairs on the Brack");
        mara.complainsOfNothing();
    }

    /** As a word processor puts it on the clipboard, and an address alone. */
    @Test
    public void formattedText_isPastedAsMarkdown() {
        mara.chooses("Batteries");
        writesAtTheEnd();
        mara.types("\n\n");
        mara.pastes(
                "text/html",
                "<html><head><style>p{color:red}</style></head><body><!--StartFragment--><h2>Care</h2>"
                        + "<p class=MsoNormal><span style='font-weight:700'>Never</span> let them <i>freeze</i>;"
                        + " <a href='https://brackwater.example/contact'>ask us</a>.</p>"
                        + "<table><tr><th>Month</th><th>Charge</th></tr><tr><td>May</td><td>full</td></tr></table>"
                        + "<script>window.hacked = 1</script><!--EndFragment--></body></html>");
        assertThat(inWindow("h2").last()).hasText("Care");
        assertThat(inWindow("strong").last()).hasText("Never");
        assertThat(inWindow("p a").last()).hasText("ask us");
        assertThat(inWindow("table").last()).containsText("May");
        assertThat(mara.page().locator(".page-name").last()).hasText("→ Contact");
        mara.presses("Control+End").types("\n\nSee ");
        mara.pastes("text/plain", "https://tides.example/now");
        assertThat(inWindow("a").getByText("https://tides.example/now")).isVisible();
        mara.complainsOfNothing();
    }

    /** In the editor, in the preview, and for visitors. */
    @Test
    public void markupInATextIsWords_andNothingOfItRuns() {
        String hostile = String.join(
                "\\n\\n",
                "<script>window.hacked = 1</script>",
                "<img src=x onerror=window.hacked=1>",
                "<svg onload=window.hacked=1>",
                "[x](javascript:window.hacked=1)",
                "[y](&#106;avascript:window.hacked=1)",
                "[z](data:text/html,<script>window.hacked=1</script>)",
                "<style>* { display: none }</style>",
                "<base href=//evil.example/>",
                "<iframe srcdoc=x></iframe>",
                "# The end");
        mara.writes("contact", hostile);
        mara.page().reload();
        mara.chooses("Contact");
        writesAtTheEnd();
        assertThat(inWindow("h2")).hasText("The end");
        assertThat(inWindow("a[href]").getByText("x", new Locator.GetByTextOptions().setExact(true)))
                .hasCount(0);
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/contact");
        assertThat(visitor.page().locator("main h2")).hasText("The end");
        visitor.page()
                .locator("main p")
                .getByText("x", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertEquals(visitor.page().evaluate("window.hacked"), null);
        assertEquals(mara.page().evaluate("window.hacked"), null);
        visitor.complainsOfNothing();
        mara.complainsOfNothing();
    }
}
