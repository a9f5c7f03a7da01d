package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import java.nio.file.Path;
import org.testng.annotations.Test;

/** The machine is lost; what was saved elsewhere brings everything back. */
public class BackupsIT extends DemoTest {

    @Test
    public void aBackupIsSaved_andPutBackOnAnotherMachine_byOneCommand() {
        Owner mara = new Owner(velnik, wide()).signsIn();
        mara.chooses("Kayaks")
                .presses("Enter", "Control+A")
                .types("Sea kayaks")
                .presses("Enter")
                .isTold("Kayaks is now Sea kayaks.");
        mara.opensScreen("Backups").isAccessible("no backup yet");
        assertThat(mara.page().getByText("There is none yet.")).isVisible();
        Download download = mara.page().waitForDownload(() -> mara.clicks("Take a backup now"));
        Path saved = download.path();
        assertTrue(download.suggestedFilename().startsWith("velnik-2026-06-15-"), download.suggestedFilename());
        assertThat(mara.page().locator(".backups [role=status]")).containsText("Your browser saves it.");
        assertThat(mara.page().locator("tbody tr")).hasCount(1);
        mara.isAccessible("a backup");
        Download again =
                mara.page().waitForDownload(() -> mara.page().locator("tbody a").click());
        assertEquals(again.path().toFile().length(), saved.toFile().length());
        mara.complainsOfNothing();
        Visitor before = new Visitor(velnik, wide()).opens("/hire/canoes");
        String page = before.page().locator("main").innerHTML();

        try (RunningVelnik other = RunningVelnik.restored(saved)) {
            Visitor visitor = new Visitor(other, wide()).opens("/hire/canoes");
            assertEquals(visitor.page().locator("main").innerHTML(), page);
            Owner there = new Owner(other, wide()).signsIn().chooses("Sea kayaks");
            there.complainsOfNothing();
        }
    }
}
