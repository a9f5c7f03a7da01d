package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

/** Pictures and files come in where they are needed, and are shown, found, replaced and refused. */
public class FilesIT extends UndoneTest {

    /** A picture of one colour, as large as a photograph of a phone. */
    private static byte[] photo(Color color) {
        BufferedImage picture = new BufferedImage(1_600, 1_200, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < picture.getWidth(); x++) {
            for (int y = 0; y < picture.getHeight(); y++) {
                picture.setRGB(x, y, color.getRGB() ^ (x * y & 0x0F0F0F));
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "jpeg", bytes);
        } catch (IOException memoryDoesNotFail) {
            throw new UncheckedIOException(memoryDoesNotFail);
        }
        return bytes.toByteArray();
    }

    private void gives(Runnable asking, String name, byte[] bytes) {
        FileChooser chooser = mara.page().waitForFileChooser(asking);
        chooser.setFiles(new FilePayload(name, "application/octet-stream", bytes));
    }

    private Locator row(String name) {
        return mara.page().locator(".files tbody tr").filter(new Locator.FilterOptions().setHasText(name));
    }

    @Test
    public void aPictureIsWrittenIntoAText_saysWhatItShows_andKeepsItsRoom() {
        mara.chooses("Batteries").clicks("Write");
        Locator text = mara.page().locator(".writing .cm-content");
        assertThat(text).isFocused();
        mara.presses("Control+End").clicks("Picture");
        gives(() -> mara.clicks("Add a picture…"), "IMG_2041.JPG", photo(Color.GRAY));
        mara.page().getByLabel("What IMG_2041 shows").fill("Batteries on the bench");
        mara.presses("Enter").isTold("IMG_2041 says what it shows.").isAccessible("a picture's words");
        mara.clicks("Done");
        assertThat(text).isFocused();
        Locator shown = mara.window().locator("main img[alt='Batteries on the bench']");
        assertThat(shown).isVisible();
        assertEquals(shown.evaluate("picture => picture.naturalWidth > 0"), true, "the preview gets it");
        assertThat(mara.page().locator(".picture-shown")).containsText("IMG_2041");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, phone());
        visitor.page()
                .addInitScript(
                        "window.moved = 0; new PerformanceObserver(list => { for (const entry of"
                                + " list.getEntries()) window.moved += entry.value }).observe({type: 'layout-shift', buffered: true})");
        visitor.opens("/repairs/engines/electric-conversion/batteries").reads("Batteries");
        Locator picture = visitor.page().locator("main img[alt='Batteries on the bench']");
        picture.scrollIntoViewIfNeeded();
        assertThat(picture).hasJSProperty("complete", true);
        assertEquals(picture.evaluate("picture => picture.currentSrc.split('/').pop()"), "480.jpg");
        double moved = ((Number) visitor.page().evaluate("window.moved")).doubleValue();
        assertTrue(moved < 0.001, "nothing to be seen moves as it comes: " + moved);
        visitor.complainsOfNothing();
        mara.complainsOfNothing();
    }

    @Test
    public void aPictureIsPastedAndDropped_likeText() {
        mara.chooses("Range calculator").clicks("Write");
        assertThat(mara.page().locator(".writing .cm-content")).isFocused();
        mara.presses("Control+End");
        String picture = Base64.getEncoder().encodeToString(photo(Color.PINK));
        for (String event : new String[] {"paste", "drop"}) {
            mara.page()
                    .evaluate(
                            "([event, picture]) => { const data = new DataTransfer(); const bytes ="
                                    + " Uint8Array.from(atob(picture), c => c.charCodeAt(0)); data.items.add(new File([bytes],"
                                    + " `${event}ed.jpg`)); const on = document.querySelector('.cm-content'); const at ="
                                    + " on.getBoundingClientRect(); const init = {bubbles: true, cancelable: true,"
                                    + " clientX: at.x + 40, clientY: at.y + 30};"
                                    + " on.dispatchEvent(event === 'paste' ? new ClipboardEvent(event, {...init,"
                                    + " clipboardData: data}) : new DragEvent(event, {...init, dataTransfer: data})) }",
                            new Object[] {event, picture});
            assertThat(mara.page().locator(".picture-shown").getByText(event + "ed"))
                    .isVisible();
            mara.page().getByLabel("Only decoration").check();
            mara.clicks("Done");
        }
        assertThat(mara.window().locator("main img")).hasCount(2);
        mara.complainsOfNothing();
    }

    @Test
    public void filesAreAdded_described_replaced_andRemoved_onTheirScreen() {
        mara.opensScreen("Files").isAccessible("files");
        assertThat(row("Chart of the creek")).containsText("Find us");
        gives(
                () -> mara.clicks("Add files…"),
                "Terms of hire.pdf",
                "%PDF-1.4\n% terms\n%%EOF\n".getBytes(StandardCharsets.US_ASCII));
        assertThat(row("Terms of hire")).containsText("used nowhere");
        gives(() -> mara.clicks("Add files…"), "holiday.png", "PK\3\4 no picture".getBytes(StandardCharsets.US_ASCII));
        assertThat(mara.page().locator(".uploads .problem")).containsText("this file is none of them");
        assertThat(row("holiday")).hasCount(0);
        mara.clicks("Dismiss holiday.png");
        gives(() -> mara.clicks("Replace Canoe at the bank"), "new.jpg", photo(Color.RED));
        mara.isTold("Canoe at the bank is replaced wherever it is used; its address stays.");
        assertThat(row("Canoe at the bank")).containsText("JPEG 1600 × 1200");
        mara.clicks("Remove Rowing skiff");
        assertThat(mara.page().getByRole(AriaRole.ALERTDIALOG)).containsText("It is used once, and disappears there.");
        mara.clicks("Remove it").isTold("Rowing skiff is removed from the files.");
        mara.page().locator(".ant-segmented").getByText("Used nowhere").click();
        assertThat(row("Terms of hire")).isVisible();
        assertThat(row("Tide card")).hasCount(0);
        mara.forgives("422");
        mara.complainsOfNothing();
    }

    @Test
    public void aMenuLeadsToAFile_foundByTyping() {
        mara.opensScreen("Menus").chooses("Footer");
        mara.presses("n").types("price li");
        mara.page().getByText("Price listfile").click();
        mara.presses("Escape").isTold("Price list");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/contact");
        assertThat(visitor.page().locator("footer a", new Page.LocatorOptions().setHasText("Price list")))
                .hasAttribute("href", "/-/files/price-list/price-list.pdf");
        mara.complainsOfNothing();
    }
}
