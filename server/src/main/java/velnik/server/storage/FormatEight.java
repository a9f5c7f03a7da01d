package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings what was written down in format 7 to format 8: pages may be for members, items say whom they show to. */
final class FormatEight {
    private FormatEight() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatEight::upgraded);
        if (node instanceof ObjectNode object) {
            if (object.has("slugFollows")) {
                object.put("membersOnly", false);
            }
            if (object.has("iconAlone")) {
                // An edit of an appearance has a label too, and leaves alone what it does not name.
                if (object.has("label")) {
                    object.putNull("visitors").putNull("beforeSignIn");
                } else {
                    object.putArray("visitors").add("NON_MEMBER").add("MEMBER");
                    object.put("beforeSignIn", false);
                }
            }
        }
        return node;
    }
}
