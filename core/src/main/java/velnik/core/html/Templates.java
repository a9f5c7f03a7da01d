package velnik.core.html;

import gg.jte.ContentType;
import gg.jte.TemplateEngine;
import gg.jte.TemplateOutput;
import gg.jte.output.StringOutput;
import java.util.Map;

/** The templates of the visitor site, compiled with it. */
final class Templates {
    private static final TemplateEngine ENGINE =
            TemplateEngine.createPrecompiled(null, ContentType.Html, null, "velnik.core.html.templates");

    private Templates() {}

    /** @param parts what the template asks for, by name */
    static String render(String template, Map<String, Object> parts) {
        TemplateOutput output = new StringOutput();
        write(template, parts, output);
        return output.toString();
    }

    /** Writes it where something is written already. */
    static void write(String template, Map<String, Object> parts, TemplateOutput output) {
        ENGINE.render(template, parts, output);
    }
}
