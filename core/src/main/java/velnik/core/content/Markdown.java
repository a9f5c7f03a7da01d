package velnik.core.content;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Document;
import org.commonmark.node.Image;
import org.commonmark.node.Link;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.Text;
import org.commonmark.parser.IncludeSourceSpans;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.owasp.html.HtmlPolicyBuilder;
import org.owasp.html.PolicyFactory;

/**
 * Turns an owner's text into HTML that is safe to serve: CommonMark with tables and without raw markup, then an
 * allow-list of elements and of schemes for links.
 */
public final class Markdown {
    /** Quotes, lists and the like inside one another; deeper ones are read as words. */
    static final int BLOCKS = 30;

    /** Marks of any kind inside one another; a text with more is shown as it was typed. */
    private static final int DEPTH = 100;

    /** Two characters that no text means anything by, around the number of what stands there. */
    private static final String BEGINS = "\uE000";

    private static final String ENDS = "\uE001";

    private static final List<Extension> TABLES = List.of(TablesExtension.create());

    static final Parser PARSER =
            Parser.builder().extensions(TABLES).maxOpenBlockParsers(BLOCKS).build();

    private static final Parser SPANNED = Parser.builder()
            .extensions(TABLES)
            .maxOpenBlockParsers(BLOCKS)
            .includeSourceSpans(IncludeSourceSpans.BLOCKS_AND_INLINES)
            .build();

    private static final Pattern ID = Pattern.compile("[a-z0-9-]+");

    private static final PolicyFactory ALLOWED = new HtmlPolicyBuilder()
            .allowElements(
                    "p", "h2", "h3", "h4", "ul", "ol", "li", "em", "strong", "blockquote", "code", "pre", "br", "hr")
            // A page's title is its only first-level heading.
            .allowElements((element, attributes) -> "h2", "h1")
            .allowElements((element, attributes) -> "h4", "h5", "h6")
            .allowAttributes("id")
            .matching(ID)
            .onElements("h1", "h2", "h3", "h4", "h5", "h6")
            .allowElements("table", "thead", "tbody", "tr", "th", "td")
            .allowAttributes("class")
            .matching(false, CellAttributes.CENTRE, CellAttributes.END)
            .onElements("th", "td")
            .allowElements("a")
            .allowAttributes("href")
            .onElements("a")
            .allowElements("img")
            .allowAttributes("src", "srcset", "alt")
            .onElements("img")
            .allowAttributes("sizes")
            .matching(Pattern.compile("[a-z0-9 ():,-]+"))
            .onElements("img")
            .allowAttributes("width", "height")
            .matching(Pattern.compile("[0-9]{1,5}"))
            .onElements("img")
            .allowAttributes("loading")
            .matching(true, "lazy")
            .onElements("img")
            .allowUrlProtocols("http", "https", "mailto", "tel", "sms")
            .toFactory();

    private Markdown() {}

    /** Its words without marks, a line for each paragraph, heading and row of a table. */
    public static String toPlain(String text) {
        return words(parsed(text));
    }

    /** The destinations of its links and of the files it shows as pictures, as they are written, each once. */
    public static Set<String> links(String text) {
        return links(parsed(text));
    }

    private static Set<String> links(Node document) {
        Set<String> links = new LinkedHashSet<>();
        document.accept(new AbstractVisitor() {
            @Override
            public void visit(Link link) {
                links.add(link.getDestination());
                visitChildren(link);
            }

            @Override
            public void visit(Image image) {
                if (image.getDestination().startsWith(LinkedFile.SCHEME)) {
                    links.add(image.getDestination());
                }
                visitChildren(image);
            }
        });
        return links;
    }

    /**
     * @param links where each link leads for the visitor who reads the text, and which pictures it shows
     * @param lazy whether a picture stands before the text, so that none of the text is waited for
     */
    public static String toHtml(String text, LinkTargets links, boolean lazy) {
        Node document = parsed(text.replaceAll("[" + BEGINS + ENDS + "]", ""));
        List<Link> all = new ArrayList<>();
        List<Image> images = new ArrayList<>();
        document.accept(new AbstractVisitor() {
            @Override
            public void visit(Link link) {
                all.add(link);
                visitChildren(link);
            }

            @Override
            public void visit(Image image) {
                images.add(image);
                visitChildren(image);
            }
        });
        List<String> standing = new ArrayList<>();
        Set<String> once = new HashSet<>();
        for (Link link : all) {
            Optional<String> stands = isAParagraph(link) && once.add(link.getDestination())
                    ? links.standing(link.getDestination())
                    : Optional.empty();
            if (stands.isPresent()) {
                marked(link, standing.size());
                standing.add(stands.get());
            } else {
                led(link, links);
            }
        }
        Map<Image, Picture> pictures = new IdentityHashMap<>();
        for (Image image : images) {
            links.picture(image.getDestination(), words(image))
                    .ifPresentOrElse(picture -> pictures.put(image, picture), () -> asWords(image));
        }
        // Which pictures there are is known anew with each text.
        HtmlRenderer renderer = HtmlRenderer.builder()
                .extensions(TABLES)
                .escapeHtml(true)
                .percentEncodeUrls(true)
                .attributeProviderFactory(context -> PlaceNames.attributes())
                .attributeProviderFactory(context -> new CellAttributes())
                .attributeProviderFactory(context -> new PictureAttributes(pictures, lazy))
                .build();
        return withStanding(ALLOWED.sanitize(renderer.render(document)), standing);
    }

    private static boolean isAParagraph(Link link) {
        return link.getParent() instanceof Paragraph paragraph
                && paragraph.getParent() instanceof Document
                && link.getPrevious() == null
                && link.getNext() == null;
    }

    private static void marked(Link link, int number) {
        link.insertBefore(new Text(BEGINS + number + ENDS));
        link.unlink();
    }

    /** What is put in has been made safe by itself; the rules for texts would not let it through. */
    private static String withStanding(String html, List<String> standing) {
        String all = html;
        for (int number = 0; number < standing.size(); number++) {
            all = all.replace("<p>" + BEGINS + number + ENDS + "</p>", standing.get(number));
        }
        return all;
    }

    private static String words(Node node) {
        PlainText words = new PlainText();
        node.accept(words);
        return words.collected();
    }

    private static void led(Link link, LinkTargets links) {
        LinkTargets.Target target = links.of(link.getDestination());
        if (link.getFirstChild() == null) {
            link.appendChild(new Text(target.words()));
        }
        if (target.address() == null) {
            asWords(link);
        } else {
            link.setDestination(target.address());
        }
    }

    /** What is within stays, without the node around it. */
    private static void asWords(Node node) {
        while (node.getFirstChild() != null) {
            node.insertBefore(node.getFirstChild());
        }
        node.unlink();
    }

    /** The places that links can lead to, in the order of the text. */
    public static List<TextPlace> places(String text) {
        return places(parsed(text));
    }

    private static List<TextPlace> places(Node document) {
        return PlaceNames.headings(document).stream()
                .map(heading -> new TextPlace(PlaceNames.of(heading).name(), PlaceNames.wordsOf(heading)))
                .toList();
    }

    /** What a text is looked through for. */
    public record Looked(Set<String> links, List<TextPlace> places) {
        public Looked {
            links = Collections.unmodifiableSet(links);
            places = List.copyOf(places);
        }
    }

    /** Its {@link #links} and {@link #places} in one go. */
    public static Looked lookedThrough(String text) {
        Node document = parsed(text);
        return new Looked(links(document), places(document));
    }

    private static Node parsed(String text) {
        return parsed(text, PARSER);
    }

    /** With each node knowing where in the text it stands. */
    static Node spanned(String text) {
        return parsed(text, SPANNED);
    }

    private static Node parsed(String text, Parser parser) {
        Node document = parser.parse(text);
        if (isDeep(document)) {
            return asTyped(text);
        }
        PlaceNames.give(document);
        return document;
    }

    /** Walks without calling itself, since what it looks for would be too deep for that. */
    private static boolean isDeep(Node document) {
        int depth = 0;
        Node node = document;
        while (node != null) {
            if (node.getFirstChild() != null) {
                node = node.getFirstChild();
                if (++depth > DEPTH) {
                    return true;
                }
                continue;
            }
            while (node != null && node.getNext() == null) {
                node = node.getParent();
                depth--;
            }
            node = node == null ? null : node.getNext();
        }
        return false;
    }

    private static Node asTyped(String text) {
        Document document = new Document();
        for (String block : text.split("\n\\s*\n")) {
            Paragraph paragraph = new Paragraph();
            paragraph.appendChild(new Text(block));
            document.appendChild(paragraph);
        }
        return document;
    }
}
