package velnik.core.importing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * One row of what reading files in would do.
 *
 * @param key names it among the rows, whatever is chosen
 * @param level from 1
 * @param leads its address, or where it leads; what it is, where it leads nowhere
 * @param fields what is another on what there is already
 * @param why what else there is to say: why it is refused or passed over, or what becomes otherwise than the file has it
 */
@RecordBuilder
public record ImportRow(
        String key,
        Part part,
        Found.Spot spot,
        int level,
        Verdict verdict,
        String title,
        String leads,
        List<FieldChange> fields,
        String why) {

    public ImportRow {
        fields = List.copyOf(fields);
    }

    /** What it is about. */
    public enum Part {
        PAGES,
        ITEMS,
        ZONES,
        FORWARDS,
        /** What is passed over while reading. */
        ASIDE
    }

    /** What becomes of it. */
    public enum Verdict {
        ADD,
        CHANGE,
        /** There is nothing to do. */
        SKIP,
        /** It is nothing that can be imported, and the rest does without it. */
        PASSED_OVER,
        /** Somebody left it out. */
        LEFT_OUT,
        REFUSE
    }

    /** As people read them. */
    public record FieldChange(String field, String before, String after) {}
}
