package velnik.core.exchange;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A list of titles, one a line, where indentation nests. Spaces and tabs both indent; a tab reaches to the next multiple
 * of four columns, as in CommonMark. Bullets ({@code -}, {@code *}, {@code +}) and numbers with a full stop or bracket
 * are taken off. Blank lines do not count.
 */
public final class IndentedText {
    private static final int TAB = 4;
    private static final Pattern LINE_END = Pattern.compile("\\R");
    private static final Pattern LINE = Pattern.compile("([ \\t]*)(?:(?:[-*+]|\\d{1,9}[.)])[ \\t]+)?(.*)");

    /**
     * One title.
     *
     * @param number of the line in the text, from 1
     * @param level from 1; never more than one deeper than the line before it
     */
    public record Line(int number, int level, String title) {}

    private IndentedText() {}

    /**
     * Reads the titles in order. A line indented less than those above it goes out to the level it lines up with.
     *
     * @param atMost titles to read; with one more, reading ends, so that whoever has a limit sees that it is passed
     */
    public static List<Line> parse(String text, int atMost) {
        List<Line> lines = new ArrayList<>();
        Deque<Integer> indents = new ArrayDeque<>(); // of the levels open above, innermost first
        Matcher end = LINE_END.matcher(text);
        int from = 0;
        for (int number = 1; from <= text.length() && lines.size() <= atMost; number++) {
            int to = end.find() ? end.start() : text.length();
            Matcher matcher = LINE.matcher(text).region(from, to);
            from = to < text.length() ? end.end() : text.length() + 1;
            if (!matcher.matches() || matcher.group(2).isBlank()) {
                continue;
            }
            int indent = columns(matcher.group(1));
            while (!indents.isEmpty() && indents.getFirst() >= indent) {
                indents.removeFirst();
            }
            indents.addFirst(indent);
            lines.add(new Line(number, indents.size(), matcher.group(2).strip()));
        }
        return lines;
    }

    private static int columns(String indent) {
        int columns = 0;
        for (int i = 0; i < indent.length(); i++) {
            columns = indent.charAt(i) == '\t' ? (columns / TAB + 1) * TAB : columns + 1;
        }
        return columns;
    }
}
