package velnik.core.exchange;

import java.io.StringWriter;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/**
 * OPML 2.0. A row is an {@code outline} with its words as {@code text}; with an address it is of the type {@code link}
 * and has it as {@code url}; topics are its {@code category}. Reach, periods, texts and looks find no place in it.
 */
public final class Opml {
    private static final XMLOutputFactory WRITERS = XMLOutputFactory.newDefaultFactory();

    private Opml() {}

    /** @param title of the whole */
    public static String of(String title, List<Outlined> rows) {
        StringWriter written = new StringWriter();
        try {
            XMLStreamWriter xml = WRITERS.createXMLStreamWriter(written);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeCharacters("\n");
            xml.writeStartElement("opml");
            xml.writeAttribute("version", "2.0");
            xml.writeStartElement("head");
            xml.writeStartElement("title");
            xml.writeCharacters(title);
            xml.writeEndElement();
            xml.writeEndElement();
            xml.writeStartElement("body");
            write(xml, rows, "\n");
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("a string can be written to without fail", impossible);
        }
        return written.append('\n').toString();
    }

    private static void write(XMLStreamWriter xml, List<Outlined> rows, String indent) throws XMLStreamException {
        for (Outlined row : rows) {
            xml.writeCharacters(indent);
            if (row.rows().isEmpty()) {
                xml.writeEmptyElement("outline");
                attributes(xml, row);
            } else {
                xml.writeStartElement("outline");
                attributes(xml, row);
                write(xml, row.rows(), indent + "  ");
                xml.writeCharacters(indent);
                xml.writeEndElement();
            }
        }
    }

    private static void attributes(XMLStreamWriter xml, Outlined row) throws XMLStreamException {
        xml.writeAttribute("text", row.text());
        if (!row.address().isEmpty()) {
            xml.writeAttribute("type", "link");
            xml.writeAttribute("url", row.address());
        }
        if (!row.topics().isEmpty()) {
            // A comma parts two of them; a topic's own cannot be told from that.
            xml.writeAttribute(
                    "category",
                    String.join(
                            ",",
                            row.topics().stream()
                                    .map(topic -> topic.replace(',', ' '))
                                    .toList()));
        }
    }
}
