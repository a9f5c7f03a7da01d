package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings what was written down in format 11 to format 12: the details of a site say what language it is in and how the
 * business is reached, and pages have words of their own for search engines. Before, every site was in English and said
 * nothing of its business.
 */
final class FormatTwelve {
    private FormatTwelve() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatTwelve::upgraded);
        // The details of a site; a change that sets its time zone says what it is.
        if (node instanceof ObjectNode object && object.has("timeZone") && object.has("newPages")) {
            object.put("language", "en");
            object.putObject("contact").put("phone", "").put("mail", "").put("postal", "");
        }
        if (node instanceof ObjectNode page && page.has("slugFollows")) {
            page.put("searchTitle", "").put("searchDescription", "");
        }
        return node;
    }
}
