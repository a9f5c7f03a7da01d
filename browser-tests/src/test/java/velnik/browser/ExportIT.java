package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import org.testng.annotations.Test;

/** What is on the site is saved in open formats, and comes back by pasting. */
public class ExportIT extends UndoneTest {
    private static final Page.GetByTextOptions EXACTLY = new Page.GetByTextOptions().setExact(true);

    private String saved(String what, String name) {
        Download download = mara.page()
                .waitForDownload(() -> mara.page()
                        .getByRole(
                                AriaRole.LINK,
                                new Page.GetByRoleOptions().setName(what).setExact(true))
                        .click());
        assertEquals(download.suggestedFilename(), "brackwater-boatyard-" + name);
        try {
            return Files.readString(download.path());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    @Test
    public void pagesAndMenusAreSaved_andAMenuComesBackByPasting() {
        mara.opensScreen("Import and export")
                .page()
                .getByText("Export", EXACTLY)
                .click();
        mara.isAccessible("export");
        assertTrue(saved("All pages as CSV", "pages.csv").contains("\"Canoes\",\"/hire/canoes\""));
        assertTrue(saved("The page tree as OPML", "pages.opml").contains("<opml version=\"2.0\">"));
        String tides = saved("The menu Tides as Markdown", "menu-tides.md");
        mara.opensScreen("Menus").clicks("New menu").types("Tides again").presses("Enter");
        mara.pastes(tides);
        assertThat(mara.page().locator(".pasted")).containsText("3 items");
        mara.presses("Enter", "Escape")
                .seesUnder("Tides again", "Before you set out", "Tide tables", "Spring tides in March");
        mara.complainsOfNothing();
    }
}
