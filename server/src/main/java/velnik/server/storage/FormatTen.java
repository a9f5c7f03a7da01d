package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings what was written down in format 9 to format 10: addresses forward, and an item among the rows of a list knows
 * those after it too. Before, a removed page's address led nowhere, and only the rows before an item were remembered.
 */
final class FormatTen {
    private FormatTen() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatTen::upgraded);
        if (node instanceof ObjectNode object) {
            if (object.path("is").asString("").equals("removePages")) {
                object.putObject("leads").put("is", "nowhere");
            }
            // A difference and a site each hold the assignments beside the menus.
            if (object.has("assignments") && object.has("menus")) {
                object.putArray("forwards");
            }
            if (object.has("behind")) {
                object.putNull("ahead");
            }
        }
        return node;
    }
}
