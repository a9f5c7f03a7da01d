package velnik.server.storage;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings what was written down in format 12 to format 13: sites have files, pages pictures and
 * forms, and businesses a logo, opening hours, a position and channels. */
final class FormatThirteen {
    private FormatThirteen() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatThirteen::upgraded);
        if (node instanceof ObjectNode object) {
            // A difference and a site each hold the layouts beside the menus.
            if (object.has("layouts") && object.has("menus")) {
                object.putArray("files");
            }
            if (object.has("slugFollows")) {
                object.putNull("picture").putNull("form");
            }
            if (object.has("timeZone") && object.has("newPages")) {
                object.putNull("logo").putNull("position");
                ObjectNode hours = object.putObject("hours");
                hours.putObject("week");
                hours.putArray("special");
                object.putArray("channels");
            }
            if (object.path("is").asString("").equals("setDetails")) {
                object.putNull("logo").putNull("hours").putNull("position").putNull("channels");
            }
        }
        return node;
    }
}
