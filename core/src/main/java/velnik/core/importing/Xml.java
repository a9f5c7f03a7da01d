package velnik.core.importing;

import java.io.StringReader;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/** Reads XML that others made: nothing outside of it is fetched, and what it declares of entities is not followed. */
final class Xml {
    /** Reading is no deeper for it; who is too deep in it is told row by row. */
    private static final int DEPTH = 100_000;

    private static final XMLInputFactory READERS = readers();

    /** Takes what is read, element by element. */
    interface Taking {
        /** @return why nothing can be made of the whole; null to go on */
        FileRead.@Nullable NotRead element(XMLStreamReader xml) throws XMLStreamException;

        /** @param element that ends */
        default void end(String element) {}
    }

    private Xml() {}

    private static XMLInputFactory readers() {
        XMLInputFactory readers = XMLInputFactory.newDefaultFactory();
        readers.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        readers.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        readers.setProperty(XMLInputFactory.IS_COALESCING, true);
        readers.setProperty("jdk.xml.maxElementDepth", DEPTH);
        return readers;
    }

    /** @return why nothing can be made of it; empty where it was read to its end */
    static Optional<FileRead.NotRead> read(String text, Taking taking) {
        try {
            XMLStreamReader xml = READERS.createXMLStreamReader(new StringReader(text));
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamReader.START_ELEMENT) {
                    FileRead.NotRead why = taking.element(xml);
                    if (why != null) {
                        return Optional.of(why);
                    }
                }
                // reading the words of an element goes to its end
                if (xml.getEventType() == XMLStreamReader.END_ELEMENT) {
                    taking.end(xml.getLocalName());
                }
            }
            return Optional.empty();
        } catch (MissingResourceException broken) {
            return Optional.of(notRead(text, 1)); // the JDK lacks words for some mistakes
        } catch (XMLStreamException broken) {
            int line = broken.getLocation() == null
                    ? 1
                    : Math.max(1, broken.getLocation().getLineNumber());
            return Optional.of(notRead(text, line));
        }
    }

    private static FileRead.NotRead notRead(String text, int line) {
        return FileRead.not(text.contains("<!ENTITY") ? "xmlEntities" : "xmlBroken", Map.of("line", line));
    }
}
