package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.google.gson.JsonObject;
import com.microsoft.playwright.JSHandle;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

/** Files are read in: seen row by row, then taken in one edit. */
public class ImportIT extends UndoneTest {

    private Locator line(String text) {
        return mara.page().locator(".dry-run tbody tr").filter(new Locator.FilterOptions().setHasText(text));
    }

    private void dropsAnywhere(String name, String text) {
        JSHandle data = mara.page()
                .evaluateHandle(
                        "([name, text]) => { const data = new DataTransfer();"
                                + " data.items.add(new File([text], name)); return data; }",
                        new String[] {name, text});
        mara.page().locator(".top-line").dispatchEvent("drop", Map.of("dataTransfer", data));
    }

    /** @param bytes a second; less than 0 for as many as there is room for */
    private void sendsAtMost(int bytes) {
        JsonObject line = new JsonObject();
        line.addProperty("offline", false);
        line.addProperty("latency", 0);
        line.addProperty("downloadThroughput", -1);
        line.addProperty("uploadThroughput", bytes);
        mara.page().context().newCDPSession(mara.page()).send("Network.emulateNetworkConditions", line);
    }

    private Object pages() {
        return mara.page().evaluate("async () => (await (await fetch('/-/api/working-copy')).json()).pages.length");
    }

    @Test
    public void aSiteThatStandsElsewhere_isMovedIn_asFarAsSomebodyWants() {
        mara.opensScreen("Import and export").isAccessible("import");
        mara.page().locator("input[type=file]").setInputFiles(OldSite.FILES);
        assertThat(mara.page().locator(".imports")).containsText("This is a sitemap and a web page");
        assertThat(line("Boats for hire").first()).containsText("ChangeTitle: Hire Boats for hire");
        assertThat(line("Canoes for two").first()).containsText("/hire/two-man-canoes.html");
        assertThat(line("Odd")).containsText("Cannot be imported");
        assertThat(line("price-list.pdf")).containsText("This is a file and no page.");
        mara.isAccessible("dry run");

        // A branch is left out, and with it what is beneath it.
        mara.page().getByLabel("Import Regatta").uncheck();
        assertThat(line("Results")).containsText("Not imported");
        assertThat(line("2024").first()).containsText("Not imported");
        mara.page().getByLabel("Import The header").uncheck();
        assertThat(line("The header")).containsText("Not imported");
        mara.page().locator(".run-line .ant-btn-primary").click();
        assertThat(mara.page().locator(".imports")).containsText("It is in your working copy.");

        mara.opensScreen("Pages")
                .seesUnder(
                        "Boats for hire",
                        "Canoes",
                        "Kayaks",
                        "Rowing skiffs",
                        "Prices",
                        "Safety on the tide",
                        "Group bookings",
                        "Canoes for two");
        mara.opensScreen("Menus").opensMenu("The old yard").seesUnder("The old yard", "Imprint", "Write to us");
        mara.complainsOfNothing();
    }

    @Test
    public void aFileDroppedAnywhere_isReadIntoAMenu() {
        dropsAnywhere("links.txt", "Canoes\nTides = https://tides.example\n");
        assertThat(mara.page().locator(".imports")).containsText("This is a list");
        mara.choosesFrom("Where it goes", "as one new menu");
        assertThat(mara.page().getByLabel("Name of the new menu")).hasValue("Imported");
        assertThat(line("Tides")).containsText("https://tides.example");
        mara.page().locator(".run-line .ant-btn-primary").click();
        assertThat(mara.page().locator(".imports")).containsText("It is in your working copy.");
        mara.opensScreen("Menus").opensMenu("Imported").seesUnder("Imported", "Canoes", "Tides");
        mara.complainsOfNothing();
    }

    @Test
    public void importThatIsCancelledOnItsWay_leavesEverythingAsItWas() {
        StringBuilder table = new StringBuilder("title,address\n");
        IntStream.range(0, 4_000).forEach(i -> table.append("Row %d of a long table,/long/row-%d%n".formatted(i, i)));
        Object before = pages();
        dropsAnywhere("long.csv", table.toString());
        Locator take = mara.page().getByText("Import 4,001 rows");
        assertThat(take).isVisible();
        sendsAtMost(50_000);
        take.click();
        assertThat(mara.page().locator(".imports")).containsText("Sending the files: 1");
        mara.clicks("Cancel");
        assertThat(mara.page().locator(".imports table")).containsText("What it becomes");
        sendsAtMost(-1);
        assertThat(mara.page().locator(".keeping")).hasText("Saved");
        assertEquals(pages(), before);
    }

    @Test
    public void wholeSite_isSaved_andComesBack() throws IOException {
        mara.opensScreen("Import and export");
        mara.page()
                .getByText("Export", new Page.GetByTextOptions().setExact(true))
                .click();
        Path saved = Files.createTempFile("whole-site", ".json");
        mara.page()
                .waitForDownload(() -> mara.link("The whole site as JSON").click())
                .saveAs(saved);
        mara.sends("{ kind: 'retitlePage', page: 'canoes', title: 'Canoes for four' }");
        mara.opensScreen("Import and export");
        mara.page().locator("input[type=file]").setInputFiles(saved);
        assertThat(mara.page().locator(".imports"))
                .containsText("This is a whole site (JSON) called “Brackwater Boatyard”.");
        assertThat(mara.page().locator(".whole-site li")).hasText("Canoes for four becomes Canoes.");
        mara.isAccessible("dry run of a whole site");
        mara.clicks("Import the whole site");
        assertThat(mara.page().locator(".imports")).containsText("It is in your working copy.");
        mara.opensScreen("Pages")
                .seesUnder(
                        "Hire", "Canoes", "Kayaks", "Rowing skiffs", "Prices", "Safety on the tide", "Group bookings");
        mara.complainsOfNothing();
    }

    @Test
    public void whatCannotBeRead_isSaid_andAnotherFileIsAskedFor() {
        mara.opensScreen("Import and export");
        dropsAnywhere("letter.csv", "Colour,Size\nred,1\n");
        assertThat(mara.page().locator(".imports .problem")).containsText("this one names none that are known");
        mara.clicks("Cancel");
        assertThat(mara.page().locator(".imports table")).containsText("What it becomes");
    }
}
