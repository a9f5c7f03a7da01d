package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings what was written down in format 10 to format 11: owners name layouts, say how new pages begin, and keep model
 * pages. Before, every page was added open and plain, and
 * copies of pages came into no menu.
 */
final class FormatEleven {
    private FormatEleven() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatEleven::upgraded);
        if (node instanceof ObjectNode object) {
            // A difference and a site each hold the assignments beside the menus.
            if (object.has("assignments") && object.has("menus")) {
                object.putArray("layouts");
            }
            if (object.path("is").asString("").equals("copyPages")) {
                object.put("items", false);
            }
            if (object.has("slugFollows")) {
                object.put("model", false);
            }
            // The details of a site; a change that begins one or sets its time zone says what it is.
            if (object.has("timeZone") && !object.has("is")) {
                object.putObject("newPages")
                        .put("reach", "OPEN")
                        .put("layout", "STANDARD")
                        .putNull("model");
            }
        }
        return node;
    }
}
