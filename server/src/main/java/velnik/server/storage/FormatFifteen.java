package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings what was written down in format 14 to format 15: sites know which websites elsewhere may show their menus,
 * their look, and what is tuned of it; items know an accent, what search engines are told of them, a hook, and how and
 * where what is beneath them opens. It also has changes of the words of many pages, and of many forwards, which nothing
 * before it names.
 */
final class FormatFifteen {
    private FormatFifteen() {}

    /** Changes the node and all beneath it. An edit of items, which has a label too, leaves all that as it is. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatFifteen::upgraded);
        if (!(node instanceof ObjectNode object)) {
            return node;
        }
        if (object.has("timeZone") && object.has("newPages")) {
            object.putArray("allowedOrigins");
            object.put("look", "STAITHE");
            object.putObject("tuning").putObject("values");
        }
        if (object.has("iconAlone") && object.has("farEnd") && !object.has("label")) {
            object.put("accent", false).put("relation", "ORDINARY").put("hook", "");
            object.put("arrangement", "LIST").put("panel", "UNDER");
        }
        return node;
    }
}
