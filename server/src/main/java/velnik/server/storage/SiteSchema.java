package velnik.server.storage;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.lang.reflect.AnnotatedElement;
import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The shape of {@link WholeSite}'s texts as JSON Schema 2020-12, worked out from the values themselves, so that it is
 * never another than what is written.
 */
final class SiteSchema {
    private final JsonMapper json;
    /** The annotations lent to a type; null for none. */
    private final Function<Class<?>, @Nullable Class<?>> lent;

    private final ObjectNode definitions;

    private SiteSchema(JsonMapper json, Function<Class<?>, @Nullable Class<?>> lent) {
        this.json = json;
        this.lent = lent;
        this.definitions = json.createObjectNode();
    }

    /** @param site what a site is written as */
    static ObjectNode of(JsonMapper json, Function<Class<?>, @Nullable Class<?>> lent, Class<?> site) {
        SiteSchema schema = new SiteSchema(json, lent);
        ObjectNode root = json.createObjectNode();
        root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        root.put("$id", WholeSite.SCHEMA);
        root.put("title", "A site with its texts");
        root.put("type", "object");
        ObjectNode properties = root.putObject("properties");
        properties.putObject("$schema").put("type", "string");
        properties.putObject("format").put("const", WholeSite.FORMAT);
        properties.putObject("version").put("const", StoredForms.FORMAT);
        properties.set("site", schema.of(site));
        ObjectNode texts = properties.putObject("texts");
        texts.put("type", "object").put("description", "Texts of pages in Markdown, by their hash.");
        texts.putObject("additionalProperties").put("type", "string");
        ArrayNode required = root.putArray("required");
        Arrays.asList("format", "version", "site", "texts").forEach(required::add);
        root.put("additionalProperties", false);
        root.set("$defs", schema.definitions);
        return root;
    }

    private ObjectNode of(AnnotatedType type) {
        if (type instanceof AnnotatedParameterizedType parameterized
                && type.getType() instanceof ParameterizedType generic) {
            Class<?> raw = (Class<?>) generic.getRawType();
            AnnotatedType[] of = parameterized.getAnnotatedActualTypeArguments();
            if (Optional.class.isAssignableFrom(raw)) {
                return orNull(of(of[0]));
            }
            if (Collection.class.isAssignableFrom(raw)) {
                ObjectNode array = typed("array");
                array.set("items", of(of[0]));
                return array;
            }
            if (Map.class.isAssignableFrom(raw)) {
                ObjectNode object = typed("object");
                object.set("additionalProperties", of(of[1]));
                return object;
            }
            return row(raw, of);
        }
        return of((Class<?>) raw(type.getType()));
    }

    private static Type raw(Type type) {
        return type instanceof ParameterizedType generic ? generic.getRawType() : type;
    }

    /** A record with types of its own, such as a row of an outline. */
    private ObjectNode row(Class<?> record, AnnotatedType[] of) {
        ObjectNode object = typed("object");
        members(
                object,
                record,
                component -> Arrays.asList(record.getTypeParameters()).indexOf(component.getGenericType()),
                of);
        return object;
    }

    private ObjectNode of(Class<?> type) {
        if (type == String.class) {
            return typed("string");
        }
        if (type == boolean.class || type == Boolean.class) {
            return typed("boolean");
        }
        if (type == int.class || type == long.class || type == Integer.class || type == Long.class) {
            return typed("integer");
        }
        if (type == double.class || type == Double.class) {
            return typed("number");
        }
        if (type == Instant.class) {
            return typed("string").put("format", "date-time");
        }
        if (type == LocalDate.class) {
            return typed("string").put("format", "date");
        }
        if (type.isEnum()) {
            ObjectNode words = json.createObjectNode();
            ArrayNode all = words.putArray("enum");
            Arrays.stream(type.getEnumConstants()).forEach(word -> all.add(((Enum<?>) word).name()));
            return words;
        }
        @Nullable Class<?> mixed = lent.apply(type);
        boolean word = mixed != null && mixed.getDeclaredMethods().length > 0;
        boolean shaped = type.isRecord() || (type.isSealed() && mixed != null);
        if (word || !shaped) {
            return typed("string"); // a word, or what is written as one: zones of time, days of a month
        }
        return defined(type, mixed);
    }

    private ObjectNode defined(Class<?> type, @Nullable AnnotatedElement mixed) {
        String name = type.getName()
                .replaceFirst(".*\\.", "")
                .replace("StoredForms$Stored", "")
                .replace('$', '.');
        if (!definitions.has(name)) {
            ObjectNode definition = definitions.putObject(name);
            @Nullable JsonSubTypes kinds = mixed == null ? null : mixed.getAnnotation(JsonSubTypes.class);
            if (kinds == null) {
                definition.put("type", "object");
                members(definition, type, component -> -1, new AnnotatedType[0]);
            } else {
                kinds(definition, kinds);
            }
        }
        return json.createObjectNode().put("$ref", "#/$defs/" + name);
    }

    /** Which of several shapes it has is said by {@code is}; told apart so, only what is wrong with that one is said. */
    private void kinds(ObjectNode definition, JsonSubTypes kinds) {
        definition.put("type", "object");
        definition.putArray("required").add("is");
        ArrayNode names = definition.putObject("properties").putObject("is").putArray("enum");
        ArrayNode shapes = definition.putArray("allOf");
        for (JsonSubTypes.Type kind : kinds.value()) {
            names.add(kind.name());
            ObjectNode shape = shapes.addObject();
            shape.putObject("if").putObject("properties").putObject("is").put("const", kind.name());
            ObjectNode then = shape.putObject("then");
            members(then, kind.value(), component -> -1, new AnnotatedType[0]);
            ((ObjectNode) then.get("properties")).set("is", json.createObjectNode());
        }
    }

    private void members(
            ObjectNode object, Class<?> record, Function<RecordComponent, Integer> parameter, AnnotatedType[] of) {
        ObjectNode properties = object.putObject("properties");
        ArrayNode required = object.putArray("required");
        for (RecordComponent component : record.getRecordComponents()) {
            int number = parameter.apply(component);
            ObjectNode schema = number < 0 ? of(component.getAnnotatedType()) : of(of[number]);
            boolean nullable = component.getAnnotatedType().isAnnotationPresent(Nullable.class);
            properties.set(component.getName(), nullable ? orNull(schema) : schema);
            required.add(component.getName());
        }
        object.put("additionalProperties", false);
    }

    private ObjectNode orNull(ObjectNode schema) {
        if (schema.path("type").isString()) {
            String type = schema.get("type").stringValue();
            schema.putArray("type").add(type).add("null");
            return schema;
        }
        ObjectNode either = json.createObjectNode();
        ArrayNode anyOf = either.putArray("anyOf");
        anyOf.add(schema);
        anyOf.add(typed("null"));
        return either;
    }

    private ObjectNode typed(String type) {
        return json.createObjectNode().put("type", type);
    }
}
