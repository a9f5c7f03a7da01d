package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings what was written down in format 15 to format 16: items know a picture, and there are content blocks among them,
 * which nothing before it names.
 */
final class FormatSixteen {
    private FormatSixteen() {}

    /** Changes the node and all beneath it. An edit of items, which has a label too, leaves their pictures as they are. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatSixteen::upgraded);
        if (node instanceof ObjectNode object && object.has("iconAlone") && !object.has("label")) {
            object.putNull("picture");
        }
        return node;
    }
}
