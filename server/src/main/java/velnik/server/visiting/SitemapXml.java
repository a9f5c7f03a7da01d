package velnik.server.visiting;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.IntStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Addresses as the sitemaps.org protocol 0.9 has them. */
final class SitemapXml {
    private static final String NAMESPACE = "http://www.sitemaps.org/schemas/sitemap/0.9";
    /** How many addresses the protocol allows in one. */
    static final int MOST = 50_000;

    private static final XMLOutputFactory WRITERS = XMLOutputFactory.newDefaultFactory();

    private SitemapXml() {}

    /** @param addresses with scheme and host, {@link #MOST} at most */
    static byte[] of(List<String> addresses) {
        return list("urlset", "url", addresses);
    }

    /** @param parts addresses of sitemaps */
    static byte[] index(List<String> parts) {
        return list("sitemapindex", "sitemap", parts);
    }

    /** Addresses in parts that one sitemap each may have. */
    static List<List<String>> parts(List<String> addresses) {
        return IntStream.rangeClosed(0, Math.max(0, (addresses.size() - 1) / MOST))
                .mapToObj(part -> addresses.subList(part * MOST, Math.min((part + 1) * MOST, addresses.size())))
                .toList();
    }

    private static byte[] list(String all, String each, List<String> addresses) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            XMLStreamWriter xml = WRITERS.createXMLStreamWriter(bytes, StandardCharsets.UTF_8.name());
            xml.writeStartDocument(StandardCharsets.UTF_8.name(), "1.0");
            xml.writeStartElement(all);
            xml.writeDefaultNamespace(NAMESPACE);
            for (String address : addresses) {
                xml.writeStartElement(each);
                xml.writeStartElement("loc");
                xml.writeCharacters(address);
                xml.writeEndElement();
                xml.writeEndElement();
            }
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("bytes in memory can be written to without fail", impossible);
        }
        return bytes.toByteArray();
    }
}
