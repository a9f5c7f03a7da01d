package velnik.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Bodies for the calls that the API description knows, made from it alone: one that makes sense for the demo site, and
 * others in which one field is something else.
 */
final class DescribedCalls {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    /** What a field of this name holds, so that the body makes sense; for all others the type decides. */
    private static final Map<String, String> WORDS = Map.ofEntries(
            Map.entry("page", "kayaks"),
            Map.entry("hook", "tide-table"),
            Map.entry("pages", "kayaks"),
            Map.entry("leftOut", "kayaks"),
            Map.entry("behind", "kayaks"),
            Map.entry("section", "hire"),
            Map.entry("under", "hire"),
            Map.entry("menu", "footer"),
            Map.entry("menus", "footer"),
            Map.entry("rows", "footer-afloat"),
            Map.entry("items", "footer-afloat"),
            Map.entry("item", "footer-afloat"),
            Map.entry("row", "footer-afloat"),
            Map.entry("list", "main-list"),
            Map.entry("topic", "news"),
            Map.entry("add", "news"),
            Map.entry("remove", "café"),
            Map.entry("address", "/contact"),
            Map.entry("icon", "search"),
            Map.entry("picture", "kayaks"),
            Map.entry("first", "2027-04-01"),
            Map.entry("last", "2027-10-15"),
            Map.entry("opensAt", "08:00"),
            Map.entry("closesAt", "18:00"),
            Map.entry("date", "2027-04-01"),
            Map.entry("slug", "paddling"),
            Map.entry("timeZone", "Europe/Lisbon"),
            Map.entry("text", "One\n  Two"),
            Map.entry("password", "a-strange-pier"));

    private final JsonNode api;
    private int fresh;

    private DescribedCalls(JsonNode api) {
        this.api = api;
    }

    static DescribedCalls read() throws IOException {
        return new DescribedCalls(JSON.readTree(Files.readString(Path.of("target/velnik-api.json"))));
    }

    /** The kinds of change, each with its schema's name. */
    Map<String, String> changes() {
        Map<String, String> kinds = new LinkedHashMap<>();
        for (JsonNode kind : schema("ChangeDto").path("oneOf")) {
            String name = name(kind);
            kinds.put(
                    schema(name)
                            .path("properties")
                            .path("kind")
                            .path("enum")
                            .path(0)
                            .asString(),
                    name);
        }
        return kinds;
    }

    /** The paths that take a body, but for changes, each with its schema's name. */
    Map<String, String> bodies() {
        Map<String, String> bodies = new LinkedHashMap<>();
        api.path("paths").properties().forEach(path -> {
            JsonNode schema = path.getValue()
                    .path("post")
                    .path("requestBody")
                    .path("content")
                    .path("application/json")
                    .path("schema");
            if (!schema.isMissingNode() && !path.getKey().equals("/-/api/changes")) {
                bodies.put(path.getKey(), name(schema));
            }
        });
        return bodies;
    }

    private static String name(JsonNode reference) {
        return reference.path("$ref").asString().replaceAll(".*/", "");
    }

    private JsonNode schema(String name) {
        return api.path("components").path("schemas").path(name);
    }

    /** A body that makes sense. */
    ObjectNode sample(String schema) {
        return (ObjectNode) sample(schema(schema), "", schema);
    }

    private JsonNode sample(JsonNode schema, String field, String within) {
        if (schema.has("$ref")) {
            String name = name(schema);
            return sample(schema(name), field, name);
        }
        if (schema.has("anyOf")) {
            return sample(schema.path("anyOf").path(0), field, within);
        }
        if (schema.has("enum")) {
            return MAKE.stringNode(schema.path("enum").path(0).asString());
        }
        JsonNode own = schema.has("allOf") ? schema.path("allOf").path(1) : schema;
        return switch (own.path("type").asString("object")) {
            case "object" -> {
                ObjectNode object = MAKE.objectNode();
                own.path("properties")
                        .properties()
                        .forEach(part -> object.set(part.getKey(), sample(part.getValue(), part.getKey(), within)));
                yield object;
            }
            case "array" -> MAKE.arrayNode().add(sample(own.path("items"), field, within));
            case "boolean" -> MAKE.booleanNode(false);
            case "integer" -> MAKE.numberNode(1);
            default -> MAKE.stringNode(word(field, within));
        };
    }

    private String word(String field, String within) {
        boolean names = field.equals("id")
                || field.equals("ids")
                || field.equals("request")
                || within.startsWith("New") && (field.equals("item") || field.equals("name"))
                || within.equals("AddMenu") && field.equals("menu");
        if (names) {
            return "fresh-name-" + ++fresh;
        }
        return switch (within + "." + field) {
            case "PlaceDto.parent" -> "hire";
            case "PlaceDto.after" -> "canoes";
            case "RowPlace.parent" -> "footer";
            case "RowPlace.after" -> "footer-the-yard";
            case "RemovePages.removal", "RemoveMenuRows.removal", "TakePagesOut.removal" -> "bin-" + ++fresh;
            default -> WORDS.getOrDefault(field, "Sample");
        };
    }

    /** The same body over and over, each with one field that is something else, named by what was done. */
    Map<String, JsonNode> mutations(ObjectNode body) {
        Map<String, JsonNode> mutations = new LinkedHashMap<>();
        for (String pointer : pointers(body, "")) {
            if (pointer.equals("/kind") || pointer.equals("/request")) {
                continue;
            }
            for (JsonNode other : others(body.at(pointer))) {
                mutate(mutations, body, pointer, String.valueOf(other), (holder) -> set(holder, pointer, other));
            }
            mutate(mutations, body, pointer, "missing", holder -> {
                if (holder instanceof ObjectNode object) {
                    object.remove(last(pointer));
                }
            });
        }
        return mutations;
    }

    private static void mutate(
            Map<String, JsonNode> into, ObjectNode body, String pointer, String what, Consumer<JsonNode> mutation) {
        ObjectNode copy = body.deepCopy();
        mutation.accept(copy.at(pointer.substring(0, pointer.lastIndexOf('/'))));
        if (!copy.equals(body)) {
            String shortened = what.length() > 60 ? what.substring(0, 60) + "…" : what;
            into.put(pointer + " = " + shortened, copy);
        }
    }

    private static void set(JsonNode holder, String pointer, JsonNode value) {
        switch (holder) {
            case ObjectNode object -> object.set(last(pointer), value);
            case ArrayNode array -> array.set(Integer.parseInt(last(pointer)), value);
            default -> throw new IllegalStateException(pointer);
        }
    }

    private static String last(String pointer) {
        return pointer.substring(pointer.lastIndexOf('/') + 1);
    }

    private static List<String> pointers(JsonNode node, String at) {
        List<String> pointers = new ArrayList<>();
        if (node instanceof ObjectNode object) {
            object.properties().forEach(field -> {
                pointers.add(at + "/" + field.getKey());
                pointers.addAll(pointers(field.getValue(), at + "/" + field.getKey()));
            });
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                pointers.add(at + "/" + i);
                pointers.addAll(pointers(array.get(i), at + "/" + i));
            }
        }
        return pointers;
    }

    /** What a field could be instead of what it is: nothing, the edges of its type, and other types. */
    private static List<JsonNode> others(JsonNode now) {
        List<JsonNode> others = new ArrayList<>();
        others.add(MAKE.nullNode());
        if (now.isString()) {
            for (String word : List.of(
                    "",
                    " ",
                    "NOPE",
                    "x".repeat(70),
                    "x".repeat(3_000),
                    "a\nb\u202Ec",
                    "+999999999-12-31",
                    "0000-01-01")) {
                others.add(MAKE.stringNode(word));
            }
            others.add(MAKE.stringNode("\uD83D"));
            others.add(MAKE.numberNode(7));
        } else if (now.isNumber()) {
            for (long number : new long[] {0, -1, 11, Integer.MAX_VALUE, Long.MAX_VALUE}) {
                others.add(MAKE.numberNode(number));
            }
            others.add(MAKE.numberNode(1.5));
            others.add(MAKE.stringNode("many"));
        } else if (now.isBoolean()) {
            others.add(MAKE.booleanNode(true));
            others.add(MAKE.stringNode("perhaps"));
        } else if (now instanceof ArrayNode array) {
            others.add(MAKE.arrayNode());
            others.add(MAKE.arrayNode().addNull());
            others.add(MAKE.arrayNode().addAll(array).addAll(array));
            others.add(MAKE.stringNode("one"));
        } else {
            others.add(MAKE.objectNode());
            others.add(MAKE.arrayNode());
        }
        return others;
    }
}
