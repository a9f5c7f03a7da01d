package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

/** How long a large picture takes until it can be used. Runs only when asked for by name. */
public class UploadSpeed extends BrowserTest {
    /** Of this size, with so much in it, it is not much under the 5 MB that a picture may have. */
    private static final int WIDE = 4_000;

    private static final int HIGH = 3_000;
    private static final int ROUGH = 0x7F7F7F;

    @Test
    public void measureUpload() {
        try (RunningVelnik velnik = RunningVelnik.demo()) {
            Owner mara = new Owner(velnik, wide()).signsIn();
            mara.opensScreen("Files");
            int[] picture = {0};
            Figures.line(
                    "a picture of nearly 5 MB and 12 megapixels, until it can be used, median",
                    3_000,
                    Figures.median(5, () -> uploaded(mara, "Sunrise " + picture[0], photo(picture[0]++))));
        }
    }

    private static double uploaded(Owner mara, String name, byte[] bytes) {
        FileChooser chooser = mara.page().waitForFileChooser(() -> mara.clicks("Add files…"));
        Locator row = mara.page().locator(".files tbody tr").filter(new Locator.FilterOptions().setHasText(name));
        long begun = System.nanoTime();
        chooser.setFiles(new FilePayload(name + ".jpg", "image/jpeg", bytes));
        assertThat(row).isVisible();
        return (System.nanoTime() - begun) / 1e6;
    }

    private static byte[] photo(int seed) {
        Random random = new Random(seed);
        BufferedImage picture = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < HIGH; y++) {
            for (int x = 0; x < WIDE; x++) {
                picture.setRGB(x, y, (x / 16 << 16 | y / 12 << 8 | 90) ^ (random.nextInt() & ROUGH));
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "jpeg", bytes);
        } catch (IOException memoryDoesNotFail) {
            throw new UncheckedIOException(memoryDoesNotFail);
        }
        System.out.println("a picture of " + bytes.size() / 1000 + " kB");
        return bytes.toByteArray();
    }
}
