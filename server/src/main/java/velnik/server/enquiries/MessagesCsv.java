package velnik.server.enquiries;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import velnik.core.enquiry.Enquiry;
import velnik.core.exchange.Csv;
import velnik.server.storage.VisitorMessage;

/** Messages as CSV: a row each, a column for each field that any form had. */
final class MessagesCsv {
    private MessagesCsv() {}

    static String of(List<VisitorMessage> messages) {
        Set<String> labels = new LinkedHashSet<>();
        messages.forEach(message -> message.answers().forEach(answer -> labels.add(answer.label())));
        List<String> head = new ArrayList<>(List.of("Received", "Page", "Read", "Answered"));
        head.addAll(labels);
        List<List<String>> rows = new ArrayList<>();
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
            rows.add(cells);
        }
        return Csv.of(head, rows);
    }
}
