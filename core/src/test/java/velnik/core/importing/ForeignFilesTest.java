package velnik.core.importing;

import static org.testng.Assert.assertEquals;

import be.ceau.opml.OpmlWriteException;
import be.ceau.opml.OpmlWriter;
import be.ceau.opml.entity.Body;
import be.ceau.opml.entity.Head;
import be.ceau.opml.entity.Opml;
import be.ceau.opml.entity.Outline;
import com.redfin.sitemapgenerator.WebSitemapGenerator;
import com.redfin.sitemapgenerator.WebSitemapUrl;
import java.io.IOException;
import java.time.Instant;
import java.util.Date;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the libraries of others write is read. */
public class ForeignFilesTest {
    private static List<String> pages(String name, String text) {
        return ((Found) FileFormat.read(List.of(new SourceFile(name, text))))
                .pages().stream()
                        .map(page -> page.level() + " " + page.title() + " " + page.path())
                        .toList();
    }

    private static Outline outline(String text, String url, Outline... beneath) {
        return new Outline(Map.of("text", text, "type", "link", "url", url), List.of(beneath));
    }

    @Test
    public void outline_ofAnOpmlLibrary() throws OpmlWriteException {
        Head head = new Head("The yard", null, null, "Mara", null, null, null, List.of(1), 0, 0, 0, 0, 0);
        Outline hire = outline(
                "Hire & more", "https://old.example/hire", outline("Canoes", "https://old.example/hire/canoes"));
        String written = new OpmlWriter().write(new Opml("2.0", head, new Body(List.of(hire))));
        assertEquals(pages("yard.opml", written), List.of("1 Hire & more /hire", "2 Canoes /hire/canoes"));
    }

    @DataProvider
    public Object[][] formats() {
        return new Object[][] {
            {CSVFormat.RFC4180},
            {CSVFormat.EXCEL},
            {CSVFormat.TDF},
            {CSVFormat.DEFAULT.builder().setDelimiter(';').get()}
        };
    }

    @Test(dataProvider = "formats")
    public void table_ofACsvLibrary(CSVFormat format) throws IOException {
        StringBuilder written = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(written, format)) {
            printer.printRecord("Address", "Title", "Summary");
            printer.printRecord("/hire", "Hire, \"by the tide\"", "Two\nlines; of it");
            printer.printRecord("/hire/canoes", "Canoes", "");
        }
        assertEquals(
                pages("pages.csv", written.toString()),
                List.of("1 Hire, \"by the tide\" /hire", "2 Canoes /hire/canoes"));
    }

    @Test
    public void sitemap_ofASitemapLibrary() throws IOException {
        WebSitemapGenerator generator = new WebSitemapGenerator("https://old.example");
        generator.addUrl(new WebSitemapUrl.Options("https://old.example/hire?tide=high&day=1")
                .priority(0.5)
                .build());
        generator.addUrl(new WebSitemapUrl.Options("https://old.example/hire/two-man-canoes")
                .lastMod(Date.from(Instant.EPOCH))
                .build());
        generator.addUrl("https://old.example/hire");
        assertEquals(
                pages("sitemap.xml", String.join("", generator.writeAsStrings())),
                List.of("1 Hire /hire", "2 Two man canoes /hire/two-man-canoes"));
    }
}
