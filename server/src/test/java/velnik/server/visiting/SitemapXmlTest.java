package velnik.server.visiting;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.stream.IntStream;
import javax.xml.XMLConstants;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.SchemaFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.xml.sax.SAXException;

/** Sitemaps against the schema that the protocol publishes. */
public class SitemapXmlTest {
    private static final String SCHEMAS = "/com/redfin/sitemapgenerator/";

    private static void isValid(byte[] xml, String schema) throws SAXException, IOException {
        SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI)
                .newSchema(requireNonNull(SitemapXmlTest.class.getResource(SCHEMAS + schema)))
                .newValidator()
                .validate(new StreamSource(new ByteArrayInputStream(xml)));
    }

    @DataProvider
    public Object[][] counts() {
        return new Object[][] {{0, 1}, {1, 1}, {50_000, 1}, {50_001, 2}, {120_000, 3}};
    }

    @Test(dataProvider = "counts")
    public void noSitemapHasMoreThanTheProtocolAllows(int count, int parts) {
        List<String> addresses = IntStream.range(0, count)
                .mapToObj(number -> "https://b.example/" + number)
                .toList();
        List<List<String>> all = SitemapXml.parts(addresses);
        assertEquals(all.size(), parts);
        assertEquals(all.stream().flatMap(List::stream).toList(), addresses);
    }

    @Test
    public void whatIsWritten_isValid() throws SAXException, IOException {
        isValid(SitemapXml.of(List.of("https://b.example/", "https://b.example/hire?a=1&b=<2>")), "sitemap.xsd");
        isValid(SitemapXml.index(List.of("https://b.example/sitemap.xml?part=1")), "siteindex.xsd");
    }
}
