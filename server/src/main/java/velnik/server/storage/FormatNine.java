package velnik.server.storage;

import java.time.DateTimeException;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import velnik.core.site.Limits;

/**
 * Brings what was written down in format 8 to format 9: what could be missing is there, and days are within the range
 * that can be reckoned with. Before, a call could leave out the order of a list or the place of new items, and a day
 * could be any.
 */
final class FormatNine {
    private FormatNine() {}

    /** Changes the node and all beneath it. */
    static JsonNode upgraded(JsonNode node) {
        node.forEach(FormatNine::upgraded);
        if (node instanceof ObjectNode object) {
            if (object.path("is").asString("").equals("list") && isMissing(object, "order")) {
                object.put("order", "TREE");
            }
            if (object.has("joined") && isMissing(object, "spot")) {
                object.put("spot", "AS_IN_TREE");
            }
            if (object.has("slugFollows") && !isReckoned(object.path("date"))) {
                object.putNull("date");
            }
            if (object.get("periods") instanceof ArrayNode periods) {
                mend(periods);
            }
        }
        return node;
    }

    /** A period whose days are out of range on one side has no end there; one that is on both is none. */
    static void mend(ArrayNode periods) {
        for (int i = periods.size() - 1; i >= 0; i--) {
            if (periods.get(i) instanceof ObjectNode period
                    && period.path("is").asString("").equals("once")) {
                openEnd(period, "first", "opensAt");
                openEnd(period, "last", "closesAt");
                if (period.path("first").isNull() && period.path("last").isNull()) {
                    periods.remove(i);
                }
            }
        }
    }

    private static void openEnd(ObjectNode period, String day, String time) {
        if (!isReckoned(period.path(day))) {
            period.putNull(day).putNull(time);
        }
    }

    private static boolean isMissing(ObjectNode object, String field) {
        return object.has(field) && object.get(field).isNull();
    }

    private static boolean isReckoned(@Nullable JsonNode day) {
        if (day == null || !day.isString()) {
            return true;
        }
        try {
            return Limits.isReckoned(LocalDate.parse(day.asString()));
        } catch (DateTimeException unreadable) {
            return false;
        }
    }
}
