package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings what was written down in format 5 to format 6: pages and items have periods, the site has a time zone. */
final class FormatSix {
    private FormatSix() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatSix::upgraded);
        if (node instanceof ObjectNode object) {
            if (object.has("slugFollows")) {
                object.putArray("periods");
                object.put("whenClosed", "NOT_FOUND");
            }
            if (object.has("iconAlone")) {
                // An edit of an appearance has a label too, and leaves alone what it does not name.
                if (object.has("label")) {
                    object.putNull("periods");
                } else {
                    object.putArray("periods");
                }
            }
            if (object.has("name") && object.has("address")) {
                object.put("timeZone", "UTC");
            }
        }
        return node;
    }
}
