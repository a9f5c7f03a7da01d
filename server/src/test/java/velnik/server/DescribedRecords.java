package velnik.server;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.lang.reflect.RecordComponent;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes an API description say what the records say: every component is there, those marked nullable may be null, and a
 * kind of change is told by its name.
 */
final class DescribedRecords {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Map<String, Class<?>> records = new LinkedHashMap<>();
    private final ObjectNode schemas;

    private DescribedRecords(ObjectNode schemas) {
        this.schemas = schemas;
        for (JavaClass type : new ClassFileImporter().importPackages("velnik.server")) {
            Class<?> loaded = type.reflect();
            if (loaded.isRecord() || loaded.isAnnotationPresent(JsonSubTypes.class)) {
                records.put(loaded.getSimpleName(), loaded);
            }
        }
    }

    static String sharpened(String description) {
        ObjectNode root = (ObjectNode) JSON.readTree(description);
        new DescribedRecords((ObjectNode) root.path("components").path("schemas")).sharpen();
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    private void sharpen() {
        for (String name : schemas.propertyStream().map(Map.Entry::getKey).toList()) {
            Class<?> type = records.get(name);
            if (type != null && type.isRecord()) {
                schemas.set(name, sharpened((ObjectNode) schemas.path(name), type));
            }
        }
        for (Class<?> type : records.values()) {
            JsonSubTypes kinds = type.getAnnotation(JsonSubTypes.class);
            if (kinds != null && schemas.has(type.getSimpleName())) {
                ArrayNode any = JSON.createArrayNode();
                for (JsonSubTypes.Type kind : kinds.value()) {
                    String name = kind.value().getSimpleName();
                    any.addObject().put("$ref", "#/components/schemas/" + name);
                    nameKind((ObjectNode) schemas.path(name), kind.name());
                }
                schemas.set(type.getSimpleName(), JSON.createObjectNode().set("oneOf", any));
            }
        }
    }

    private static ObjectNode sharpened(ObjectNode schema, Class<?> type) {
        ObjectNode own = schema.has("allOf") ? (ObjectNode) schema.path("allOf").path(1) : schema;
        ObjectNode properties = (ObjectNode) own.path("properties");
        ArrayNode required = JSON.createArrayNode();
        for (RecordComponent component : type.getRecordComponents()) {
            required.add(component.getName());
            if (component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                properties.set(component.getName(), orNull(properties.path(component.getName())));
            }
        }
        own.set("required", required);
        return own;
    }

    private static ObjectNode orNull(JsonNode property) {
        ObjectNode either = JSON.createObjectNode();
        either.putArray("anyOf").add(property).addObject().put("type", "null");
        return either;
    }

    private static void nameKind(ObjectNode schema, String kind) {
        ObjectNode property = ((ObjectNode) schema.path("properties")).putObject("kind");
        property.put("type", "string").putArray("enum").add(kind);
        ((ArrayNode) schema.path("required")).add("kind");
    }
}
