package velnik.server.files;

import java.io.InputStream;
import java.io.OutputStream;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import org.jspecify.annotations.Nullable;

/**
 * Writes an SVG drawing anew with nothing in it but what draws: elements and attributes of an allow-list, links to parts
 * of the drawing itself alone, no declarations of its own, no entities. What it leaves out it leaves out silently, since
 * drawing programs write much of it that nobody misses.
 */
final class Drawings {
    private static final String SVG = "http://www.w3.org/2000/svg";

    private static final Set<String> ELEMENTS = Set.of(
            "svg",
            "g",
            "defs",
            "symbol",
            "use",
            "title",
            "desc",
            "style",
            "path",
            "rect",
            "circle",
            "ellipse",
            "line",
            "polyline",
            "polygon",
            "text",
            "tspan",
            "textPath",
            "linearGradient",
            "radialGradient",
            "stop",
            "clipPath",
            "mask",
            "pattern",
            "marker",
            "filter",
            "feGaussianBlur",
            "feOffset",
            "feMerge",
            "feMergeNode",
            "feBlend",
            "feColorMatrix",
            "feFlood",
            "feComposite",
            "feDropShadow");

    /** Beside those whose names are of the shape below. */
    private static final Set<String> ATTRIBUTES = Set.of(
            "id",
            "class",
            "d",
            "x",
            "y",
            "x1",
            "y1",
            "x2",
            "y2",
            "cx",
            "cy",
            "r",
            "rx",
            "ry",
            "fx",
            "fy",
            "fr",
            "dx",
            "dy",
            "width",
            "height",
            "viewBox",
            "preserveAspectRatio",
            "points",
            "transform",
            "offset",
            "rotate",
            "in",
            "in2",
            "result",
            "mode",
            "operator",
            "values",
            "type",
            "k1",
            "k2",
            "k3",
            "k4",
            "stdDeviation",
            "opacity",
            "fill",
            "stroke",
            "color",
            "filter",
            "mask",
            "cursor",
            "display",
            "visibility",
            "overflow",
            "orient",
            "refX",
            "refY",
            "style",
            "version");

    private static final Pattern PRESENTING = Pattern.compile(
            "(fill|stroke|stop|flood|font|text|clip|marker|paint|color|vector|shape|letter|word|dominant|alignment"
                    + "|baseline|writing|lighting|mix)-[a-z-]+"
                    + "|(gradient|pattern|mask|clipPath|marker|primitive|filter|spread|start|length)[A-Z][A-Za-z]*"
                    + "|markerWidth|markerHeight|textLength|lengthAdjust|startOffset");

    /** What leads out of the drawing, in an attribute or a style. */
    private static final Pattern LEADING_OUT = Pattern.compile(
            "(?is)url\\s*\\(\\s*(?![\"']?#)|@import|@font-face|expression\\s*\\(|javascript:|data:|\\\\|&#");

    private static final Pattern LENGTH = Pattern.compile("\\s*([0-9]*\\.?[0-9]+)\\s*(px)?\\s*");
    private static final int DEEPEST = 100;
    private static final int MOST_ELEMENTS = 100_000;

    /** In pixels, of one that says nothing, as browsers take it. */
    private static final int WIDTH = 300;

    private static final int HEIGHT = 150;
    private static final int LARGEST = 20_000;

    private Drawings() {}

    record Size(int width, int height) {}

    /** @throws velnik.server.calls.ProblemException when it cannot be read */
    static Size clean(InputStream drawing, OutputStream out) {
        try {
            XMLStreamReader in = reader(drawing);
            XMLStreamWriter to = XMLOutputFactory.newFactory().createXMLStreamWriter(out, "UTF-8");
            while (in.next() != XMLStreamConstants.START_ELEMENT) {
                // what stands before the drawing draws nothing
            }
            if (!in.getLocalName().equals("svg")) {
                throw FileRefused.because("drawing", Map.of("problem", "it does not begin as a drawing does."));
            }
            Size size = size(in);
            write(in, to, size);
            to.close();
            return size;
        } catch (XMLStreamException malformed) {
            int line = malformed.getLocation() == null
                    ? 1
                    : malformed.getLocation().getLineNumber();
            throw FileRefused.because("drawing", Map.of("problem", "line " + line + " is not as XML is written."));
        }
    }

    private static XMLStreamReader reader(InputStream drawing) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, true);
        return factory.createXMLStreamReader(drawing);
    }

    /** Of the element that the reader stands on, and all beneath it. */
    private static void write(XMLStreamReader in, XMLStreamWriter to, Size size) throws XMLStreamException {
        to.setDefaultNamespace(SVG);
        int depth = 0;
        int left = 0; // how deep within an element that is left out
        int elements = 0;
        boolean styled = false;
        for (int event = in.getEventType(); event != XMLStreamConstants.END_DOCUMENT; event = in.next()) {
            if (event == XMLStreamConstants.START_ELEMENT) {
                if (++depth > DEEPEST || ++elements > MOST_ELEMENTS) {
                    throw FileRefused.because("drawing", Map.of("problem", "it has more parts than a page can show."));
                }
                boolean of = in.getNamespaceURI() == null || SVG.equals(in.getNamespaceURI());
                if (left > 0 || !of || !ELEMENTS.contains(in.getLocalName())) {
                    left++;
                    continue;
                }
                styled = in.getLocalName().equals("style");
                to.writeStartElement(in.getLocalName());
                if (depth == 1) {
                    to.writeDefaultNamespace(SVG);
                    writeSize(in, to, size);
                }
                writeAttributes(in, to, depth == 1);
            } else if (event == XMLStreamConstants.END_ELEMENT) {
                depth--;
                styled = false;
                if (left > 0) {
                    left--;
                } else {
                    to.writeEndElement();
                }
            } else if (event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA) {
                String text = in.getText();
                if (left == 0 && !(styled && leadsOut(text))) {
                    to.writeCharacters(text);
                }
            }
        }
    }

    /** Browsers keep room by these two, and scale what is within by the third. */
    private static void writeSize(XMLStreamReader in, XMLStreamWriter to, Size size) throws XMLStreamException {
        to.writeAttribute("width", Integer.toString(size.width()));
        to.writeAttribute("height", Integer.toString(size.height()));
        if (attribute(in, "viewBox") == null) {
            to.writeAttribute("viewBox", "0 0 " + size.width() + " " + size.height());
        }
    }

    private static void writeAttributes(XMLStreamReader in, XMLStreamWriter to, boolean outermost)
            throws XMLStreamException {
        Set<String> written = new HashSet<>(outermost ? Set.of("width", "height") : Set.of());
        for (int at = 0; at < in.getAttributeCount(); at++) {
            String name = in.getAttributeLocalName(at);
            String value = in.getAttributeValue(at);
            boolean link = name.equals("href");
            boolean plain = in.getAttributeNamespace(at) == null
                    && (ATTRIBUTES.contains(name) || PRESENTING.matcher(name).matches());
            if ((link ? value.startsWith("#") : plain && !leadsOut(value)) && written.add(name)) {
                to.writeAttribute(name, value);
            }
        }
    }

    private static boolean leadsOut(String text) {
        return LEADING_OUT.matcher(text).find();
    }

    private static Size size(XMLStreamReader in) {
        int width = length(attribute(in, "width"));
        int height = length(attribute(in, "height"));
        String box = attribute(in, "viewBox");
        String[] sides = box == null ? new String[0] : box.strip().split("[\\s,]+");
        int boxWidth = sides.length == 4 ? length(sides[2]) : 0;
        int boxHeight = sides.length == 4 ? length(sides[3]) : 0;
        if (width > 0 && height > 0) {
            return new Size(width, height);
        }
        if (boxWidth > 0 && boxHeight > 0) {
            return width > 0
                    ? new Size(width, Math.max(1, width * boxHeight / boxWidth))
                    : new Size(boxWidth, boxHeight);
        }
        return new Size(WIDTH, HEIGHT);
    }

    /** In pixels; 0 where it is none, or none that a page could show. */
    private static int length(@Nullable String written) {
        Matcher length = LENGTH.matcher(written == null ? "" : written);
        if (!length.matches()) {
            return 0;
        }
        double pixels = Double.parseDouble(length.group(1));
        return pixels < 1 || pixels > LARGEST ? 0 : (int) Math.round(pixels);
    }

    private static @Nullable String attribute(XMLStreamReader in, String name) {
        return in.getAttributeValue(null, name);
    }
}
