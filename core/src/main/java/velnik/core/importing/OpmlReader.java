package velnik.core.importing;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Limits;

/**
 * OPML of any version: each {@code outline} is a row, {@code text} (or {@code title}) its words, {@code url} (or {@code
 * htmlUrl}) where it leads, {@code category} its topics.
 */
final class OpmlReader {
    private static final String ABOVE_ALL = "";

    private record Row(Found.Spot spot, int level, String text, String url, Set<String> topics) {}

    private OpmlReader() {}

    static FileRead read(SourceFile file) {
        Outlines outlines = new Outlines(file.name());
        Optional<FileRead.NotRead> broken = Xml.read(file.text(), outlines);
        if (broken.isPresent()) {
            return broken.get();
        }
        if (!outlines.body) {
            return FileRead.not("opmlWithoutBody", Map.of());
        }
        String host = mostlyOf(outlines.rows);
        return Found.NOTHING.with(found -> found.title(outlines.title)
                .host(host)
                .pages(withHomesSlug(
                        outlines.rows.stream().map(row -> page(row, host)).toList())));
    }

    /** What is beneath the home page has its slug in its address, which the home page itself has not. */
    private static List<Found.FoundPage> withHomesSlug(List<Found.FoundPage> pages) {
        List<Found.FoundPage> told = new ArrayList<>(pages);
        for (int i = 0; i + 1 < pages.size(); i++) {
            Found.FoundPage page = pages.get(i);
            Found.FoundPage next = pages.get(i + 1);
            if (page.path().equals("/")
                    && next.level() > page.level()
                    && !next.path().isEmpty()) {
                told.set(i, page.movedTo(WebPath.parent(next.path())));
            }
        }
        return told;
    }

    /** The host that most addresses have; empty where most have none. */
    private static String mostlyOf(List<Row> rows) {
        return rows.stream()
                .map(row ->
                        WebPath.read(row.url(), "/").map(WebPath.Address::host).orElse(ABOVE_ALL))
                .filter(host -> !host.isEmpty())
                .collect(Collectors.groupingBy(host -> host, Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(ABOVE_ALL);
    }

    private static Found.FoundPage page(Row row, String host) {
        Optional<WebPath.Address> address = WebPath.read(row.url(), "/")
                .filter(any -> any.host().isEmpty() || any.host().equals(host))
                .filter(any -> !any.asks() && any.place().isEmpty());
        String path = address.map(WebPath.Address::path).orElse("");
        String title = row.text().isEmpty() && !path.isEmpty() ? WebPath.title(path) : row.text();
        String typed = row.url().isEmpty() || title.isEmpty() ? title : title + " = " + row.url();
        return new Found.FoundPage(
                row.spot(),
                row.level(),
                title,
                row.text().isEmpty(),
                path,
                "",
                typed,
                Found.Said.NOTHING.with(said -> said.topics(row.topics().isEmpty() ? null : row.topics())));
    }

    private static final class Outlines implements Xml.Taking {
        private final List<Row> rows = new ArrayList<>();
        private String title = "";
        private boolean body;
        private int level;
        private final String file;

        Outlines(String file) {
            this.file = file;
        }

        @Override
        public FileRead.@Nullable NotRead element(XMLStreamReader xml) throws XMLStreamException {
            switch (xml.getLocalName()) {
                case "body" -> body = true;
                case "title" -> title = xml.getElementText().strip();
                case "outline" -> {
                    level++;
                    rows.add(row(xml));
                }
                default -> {
                    // what readers of OPML do not know they pass over
                }
            }
            return rows.size() > Limits.PAGES ? FileRead.not("tooMany", Map.of("limit", Limits.PAGES)) : null;
        }

        @Override
        public void end(String element) {
            if (element.equals("outline")) {
                level--;
            }
        }

        private Row row(XMLStreamReader xml) {
            Set<String> topics = Stream.of(attribute(xml, "category").split(","))
                    .map(String::strip)
                    .filter(topic -> !topic.isEmpty())
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            return new Row(
                    new Found.Spot(file, xml.getLocation().getLineNumber()),
                    level,
                    first(attribute(xml, "text"), attribute(xml, "title")),
                    first(attribute(xml, "url"), attribute(xml, "htmlUrl")),
                    topics);
        }

        private static String first(String one, String other) {
            return one.isEmpty() ? other : one;
        }

        private static String attribute(XMLStreamReader xml, String name) {
            String value = xml.getAttributeValue(null, name);
            return value == null ? "" : value.strip();
        }
    }
}
