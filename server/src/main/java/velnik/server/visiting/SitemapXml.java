package velnik.server.visiting;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Addresses as the sitemaps.org protocol 0.9 has them. */
final class SitemapXml {
    private static final String NAMESPACE = "http://www.sitemaps.org/schemas/sitemap/0.9";
    private static final XMLOutputFactory WRITERS = XMLOutputFactory.newDefaultFactory();

    private SitemapXml() {}

    /** @param addresses with scheme and host */
    static byte[] of(List<String> addresses) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            XMLStreamWriter xml = WRITERS.createXMLStreamWriter(bytes, StandardCharsets.UTF_8.name());
            xml.writeStartDocument(StandardCharsets.UTF_8.name(), "1.0");
            xml.writeStartElement("urlset");
            xml.writeDefaultNamespace(NAMESPACE);
            for (String address : addresses) {
                xml.writeStartElement("url");
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
