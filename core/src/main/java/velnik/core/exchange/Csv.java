package velnik.core.exchange;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import de.siegmar.fastcsv.writer.QuoteStrategies;
import java.io.StringWriter;
import java.util.List;

/**
 * Rows as CSV (RFC 4180), each cell in quotes. Begins with the mark by which spreadsheets know UTF-8; a cell that they
 * would reckon with is made words by an apostrophe before it.
 */
public final class Csv {
    private static final String MARK = "\uFEFF";
    private static final String RECKONED = "=+-@\t\r";

    private Csv() {}

    public static String of(List<String> head, List<List<String>> rows) {
        StringWriter csv = new StringWriter().append(MARK);
        CsvWriter writer = CsvWriter.builder()
                .quoteStrategy(QuoteStrategies.ALWAYS)
                .lineDelimiter(LineDelimiter.CRLF)
                .bufferSize(0)
                .build(csv);
        writer.writeRecord(head);
        rows.forEach(row -> writer.writeRecord(row.stream().map(Csv::defused).toList()));
        return csv.toString();
    }

    private static String defused(String value) {
        return !value.isEmpty() && RECKONED.indexOf(value.charAt(0)) >= 0 ? "'" + value : value;
    }
}
