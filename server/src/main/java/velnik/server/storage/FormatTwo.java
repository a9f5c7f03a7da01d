package velnik.server.storage;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings what was written down in format 1 to format 2: pages have a layout, menus can be set aside, a list is one kind
 * of item among others, an assignment says how its menus stand, and assignments differ one by one.
 */
final class FormatTwo {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private FormatTwo() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        if (node instanceof ObjectNode object) {
            for (Map.Entry<String, JsonNode> field : Map.copyOf(fields(object)).entrySet()) {
                object.set(field.getKey(), upgraded(field.getValue()));
            }
            if (object.has("slugFollows")) {
                object.put("layout", "STANDARD");
            }
            if (object.path("is").asString("").equals("menu")) {
                object.put("setAside", false);
            }
            if (object.path("assignments").isObject()) {
                object.set("assignments", oneByOne((ObjectNode) object.get("assignments")));
            } else if (object.has("assignments") && object.get("assignments").isNull()) {
                object.set("assignments", JSON.arrayNode());
            }
            return object.path("is").asString("").equals("treeList")
                    ? listItem(object)
                    : object.has("zone") && object.has("menus") ? assignment(object) : object;
        }
        if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                array.set(i, upgraded(array.get(i)));
            }
        }
        return node;
    }

    private static Map<String, JsonNode> fields(ObjectNode object) {
        Map<String, JsonNode> fields = new LinkedHashMap<>();
        object.properties().forEach(field -> fields.put(field.getKey(), field.getValue()));
        return fields;
    }

    private static ObjectNode listItem(ObjectNode old) {
        ObjectNode kind = JSON.objectNode().put("is", "list");
        kind.set("source", JSON.objectNode().put("is", "wholeTree"));
        kind.set("levels", old.get("levels"));
        kind.put("order", "TREE").putNull("atMost");
        kind.set("leftOut", JSON.arrayNode());
        kind.set("dressed", JSON.objectNode());
        ObjectNode appearance = JSON.objectNode().put("hidden", false);
        appearance.set("devices", JSON.arrayNode().add("WIDE").add("PHONE"));
        appearance.put("icon", "").put("iconAlone", false).put("weight", "PLAIN");
        appearance.put("farEnd", false).put("newTab", false).put("note", "");
        ObjectNode item = JSON.objectNode().put("is", "item");
        item.set("kind", kind);
        item.put("label", "");
        item.set("appearance", appearance);
        item.putNull("anchor");
        return item;
    }

    private static ObjectNode assignment(ObjectNode old) {
        ArrayNode menus = JSON.arrayNode();
        for (JsonNode menu : old.get("menus")) {
            ObjectNode placing = JSON.objectNode();
            for (String open : new String[] {"form", "size", "alignment", "gap", "overflow", "levels"}) {
                placing.putNull(open);
            }
            placing.put("fromLevel", 1).put("currentBranchOnly", false);
            ObjectNode placed = JSON.objectNode();
            placed.set("menu", menu);
            placed.set("placing", placing);
            menus.add(placed);
        }
        ObjectNode says = JSON.objectNode().put("is", "instead");
        says.set("menus", menus);
        ObjectNode fresh = JSON.objectNode();
        fresh.set("zone", old.get("zone"));
        fresh.set("scope", old.get("scope"));
        fresh.set("says", says);
        return fresh;
    }

    /** Both whole lists become a difference for each zone and scope. */
    private static ArrayNode oneByOne(ObjectNode lists) {
        Map<JsonNode, JsonNode> before = byKey(lists.path("before"));
        Map<JsonNode, JsonNode> after = byKey(lists.path("after"));
        Set<JsonNode> keys = new LinkedHashSet<>(before.keySet());
        keys.addAll(after.keySet());
        ArrayNode differences = JSON.arrayNode();
        for (JsonNode key : keys) {
            ObjectNode difference = JSON.objectNode();
            difference.set("key", key);
            difference.set("before", before.getOrDefault(key, JSON.nullNode()));
            difference.set("after", after.getOrDefault(key, JSON.nullNode()));
            differences.add(difference);
        }
        return differences;
    }

    private static Map<JsonNode, JsonNode> byKey(JsonNode assignments) {
        Map<JsonNode, JsonNode> byKey = new LinkedHashMap<>();
        for (JsonNode assignment : assignments) {
            ObjectNode key = JSON.objectNode();
            key.set("zone", assignment.get("zone"));
            key.set("scope", assignment.get("scope"));
            byKey.put(key, assignment);
        }
        return byKey;
    }
}
