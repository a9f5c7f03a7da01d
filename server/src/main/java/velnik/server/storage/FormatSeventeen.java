package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings what was written down in format 16 to format 17: where a menu stands, its margins are said too. */
final class FormatSeventeen {
    private FormatSeventeen() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatSeventeen::upgraded);
        if (node instanceof ObjectNode object && object.has("overflow") && object.has("fromLevel")) {
            object.putNull("margin");
        }
        return node;
    }
}
