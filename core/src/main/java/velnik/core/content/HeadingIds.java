package velnik.core.content;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.commonmark.node.Heading;
import org.commonmark.node.Node;
import org.commonmark.renderer.html.AttributeProvider;
import velnik.core.address.Slugs;

/** Gives each heading of a text a name to be linked to, made from its words; in one text no two have the same. */
final class HeadingIds implements AttributeProvider {
    /** What the page around the text calls its own parts by. */
    private static final Set<String> TAKEN = Set.of("content", "asked", "name", "password");

    private final Map<String, Integer> used = new HashMap<>();

    HeadingIds() {
        TAKEN.forEach(id -> used.put(id, 1));
    }

    @Override
    public void setAttributes(Node node, String tagName, Map<String, String> attributes) {
        if (node instanceof Heading heading) {
            attributes.put("id", next(heading));
        }
    }

    String next(Heading heading) {
        PlainText words = new PlainText();
        heading.accept(words);
        String id = Slugs.fromTitle(words.collected());
        int times = used.merge(id, 1, Integer::sum);
        return times == 1 ? id : id + "-" + times;
    }
}
