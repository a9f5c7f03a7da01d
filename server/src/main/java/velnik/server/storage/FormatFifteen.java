package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings what was written down in format 14 to format 15: sites know which websites elsewhere may show their menus, their look, and what is tuned of it. It
 * also has changes of the words of many pages, and of many forwards, which nothing before it names.
 */
final class FormatFifteen {
    private FormatFifteen() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatFifteen::upgraded);
        if (node instanceof ObjectNode object && object.has("timeZone") && object.has("newPages")) {
            object.putArray("allowedOrigins");
            object.put("look", "STAITHE");
            object.putObject("tuning").putObject("values");
        }
        return node;
    }
}
