package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings what was written down in format 3 to format 4: menus say which new pages come in by themselves. */
final class FormatFour {
    private FormatFour() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatFour::upgraded);
        if (node instanceof ObjectNode object && object.path("is").asString("").equals("menu")) {
            ObjectNode joining = object.putObject("joining");
            joining.putObject("from").put("is", "nowhere");
            joining.put("spot", "AS_IN_TREE").putArray("joined");
        }
        return node;
    }
}
