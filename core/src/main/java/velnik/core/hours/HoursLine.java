package velnik.core.hours;

import java.util.List;

/**
 * Days that are alike, as they are read.
 *
 * @param open such as 09:00–17:30; none where it is closed
 * @param note may be empty
 */
public record HoursLine(String days, List<String> open, String note) {
    public HoursLine {
        open = List.copyOf(open);
    }

    /** On one line: {@code Mon–Fri 09:00–12:00, 13:00–17:30}. */
    public String written(String closed) {
        String hours = open.isEmpty() ? closed : String.join(", ", open);
        return note.isEmpty() ? days + " " + hours : days + " " + hours + " " + note;
    }
}
