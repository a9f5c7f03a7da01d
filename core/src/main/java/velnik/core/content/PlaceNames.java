package velnik.core.content;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Heading;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.Text;
import org.commonmark.renderer.html.AttributeProvider;
import velnik.core.address.Slugs;

/**
 * Names the headings of a text: by what a heading says of itself, as in {@code ## Rates {#prices}}, else by its words.
 * In one text no two are named alike.
 */
final class PlaceNames {
    private static final Pattern SAID = Pattern.compile("\\s*\\{#([a-z0-9-]{1,80})}");

    /** What the page around the text, and forms in it, call their own parts by. */
    private static final Pattern TAKEN =
            Pattern.compile("content|asked|name|password|enquiry|website|f\\d+(?:-problem)?");

    private final Map<String, Integer> used = new HashMap<>();

    private PlaceNames() {}

    /** Gives each heading its name, and takes what it says of that out of its words. */
    static void give(Node document) {
        PlaceNames names = new PlaceNames();
        List<Heading> headings = headings(document);
        List<Heading> unsaid = new ArrayList<>();
        for (Heading heading : headings) {
            said(heading)
                    .ifPresentOrElse(
                            name -> heading.appendChild(new PlaceName(names.free(name), true)),
                            () -> unsaid.add(heading));
        }
        for (Heading heading : unsaid) {
            heading.appendChild(new PlaceName(names.free(Slugs.fromTitle(wordsOf(heading))), false));
        }
    }

    private String free(String wanted) {
        int times = used.merge(wanted, TAKEN.matcher(wanted).matches() ? 2 : 1, (before, more) -> before + 1);
        return times == 1 ? wanted : free(wanted + "-" + times);
    }

    /** In the order of the text. */
    static List<Heading> headings(Node document) {
        List<Heading> headings = new ArrayList<>();
        document.accept(new AbstractVisitor() {
            @Override
            public void visit(Heading heading) {
                headings.add(heading);
            }

            @Override
            public void visit(Paragraph paragraph) {
                // holds no headings
            }
        });
        return headings;
    }

    static String wordsOf(Heading heading) {
        PlainText words = new PlainText();
        heading.accept(words);
        return words.collected();
    }

    /** Of a heading that was given one. */
    static PlaceName of(Heading heading) {
        return (PlaceName) heading.getLastChild();
    }

    private static Optional<String> said(Heading heading) {
        for (Node node = heading.getFirstChild(); node != null; node = node.getNext()) {
            if (node instanceof Text text) {
                Matcher said = SAID.matcher(text.getLiteral());
                if (said.find()) {
                    text.setLiteral(said.replaceFirst(""));
                    return Optional.of(said.group(1));
                }
            }
        }
        return Optional.empty();
    }

    /** Writes the name where links find it. */
    static AttributeProvider attributes() {
        return (Node node, String tagName, Map<String, String> attributes) -> {
            if (node instanceof Heading heading) {
                attributes.put("id", of(heading).name());
            }
        };
    }
}
