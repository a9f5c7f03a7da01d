package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings what was written down in format 4 to format 5: pages can be locked, menus say how new items begin. */
final class FormatFive {
    private FormatFive() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatFive::upgraded);
        if (node instanceof ObjectNode object) {
            if (object.has("slugFollows")) {
                object.put("locked", false);
            }
            if (object.path("is").asString("").equals("menu")) {
                ObjectNode plain = object.putObject("newItems");
                plain.putArray("devices").add("WIDE").add("PHONE");
                plain.put("icon", "").put("weight", "PLAIN").put("note", "");
                plain.put("hidden", false)
                        .put("iconAlone", false)
                        .put("farEnd", false)
                        .put("newTab", false);
            }
        }
        return node;
    }
}
