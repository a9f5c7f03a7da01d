package velnik.core.content;

import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.owasp.html.HtmlPolicyBuilder;
import org.owasp.html.PolicyFactory;

/**
 * Turns an owner's text into HTML that is safe to serve: CommonMark without raw markup, then an allow-list of elements
 * and of schemes for links.
 */
public final class Markdown {
    private static final Parser PARSER = Parser.builder().build();
    private static final HtmlRenderer RENDERER =
            HtmlRenderer.builder().escapeHtml(true).build();

    private static final PolicyFactory ALLOWED = new HtmlPolicyBuilder()
            .allowElements(
                    "p", "h2", "h3", "h4", "ul", "ol", "li", "em", "strong", "blockquote", "code", "pre", "br", "hr")
            // A page's title is its only first-level heading.
            .allowElements((element, attributes) -> "h2", "h1")
            .allowElements("a")
            .allowAttributes("href")
            .onElements("a")
            .allowUrlProtocols("http", "https", "mailto", "tel", "sms")
            .toFactory();

    private Markdown() {}

    /** Its words without marks, a line for each paragraph and heading. */
    public static String toPlain(String text) {
        PlainText words = new PlainText();
        PARSER.parse(text).accept(words);
        return words.collected();
    }

    public static String toHtml(String text) {
        return ALLOWED.sanitize(RENDERER.render(PARSER.parse(text)));
    }
}
