package velnik.server.enquiries;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import velnik.core.enquiry.Enquiry;
import velnik.server.storage.VisitorMessage;

/**
 * Messages as CSV (RFC 4180): a row each, a column for each field that any form had. Begins with the mark by which
 * spreadsheets know UTF-8.
 */
final class MessagesCsv {
    private static final String MARK = "\uFEFF";

    private MessagesCsv() {}

    static String of(List<VisitorMessage> messages) {
        Set<String> labels = new LinkedHashSet<>();
        messages.forEach(message -> message.answers().forEach(answer -> labels.add(answer.label())));
        List<String> head = new ArrayList<>(List.of("Received", "Page", "Read", "Answered"));
        head.addAll(labels);
        StringBuilder csv = new StringBuilder(MARK).append(row(head));
        for (VisitorMessage message : messages) {
            List<String> cells = new ArrayList<>(List.of(
                    message.at().toString(),
                    message.pageTitle(),
                    message.read() ? "yes" : "no",
                    message.answered() ? "yes" : "no"));
            labels.forEach(label -> cells.add(message.answers().stream()
                    .filter(answer -> answer.label().equals(label))
                    .map(Enquiry.Answer::value)
                    .findFirst()
                    .orElse("")));
            csv.append(row(cells));
        }
        return csv.toString();
    }

    private static String row(List<String> cells) {
        return cells.stream().map(MessagesCsv::cell).collect(Collectors.joining(",")) + "\r\n";
    }

    /** What a spreadsheet would reckon with is words by an apostrophe before it. */
    private static String cell(String value) {
        boolean reckoned = !value.isEmpty() && "=+-@\t\r".indexOf(value.charAt(0)) >= 0;
        return '"' + (reckoned ? "'" : "") + value.replace("\"", "\"\"") + '"';
    }
}
