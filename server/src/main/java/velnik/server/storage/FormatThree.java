package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings what was written down in format 2 to format 3: there is a bin, and every removal has a name in
 * it; pages have topics and a date, a placed menu a width.
 */
final class FormatThree {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private FormatThree() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatThree::upgraded);
        if (node instanceof ObjectNode object) {
            if (object.path("is").asString("").equals("removeMenuRows")) {
                object.put("removal", "before-there-was-a-bin");
            }
            if (object.has("slugFollows")) {
                object.set("topics", JSON.arrayNode());
                object.putNull("date");
            }
            if (object.has("overflow") && object.has("fromLevel")) {
                object.putNull("width");
            }
            boolean isDifference =
                    object.has("assignments") && object.path("pages").has("rows");
            if (isDifference) {
                ObjectNode bin = JSON.objectNode();
                bin.set("added", JSON.arrayNode());
                bin.set("left", JSON.arrayNode());
                object.set("bin", bin);
            }
        }
        return node;
    }
}
