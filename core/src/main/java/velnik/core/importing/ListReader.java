package velnik.core.importing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import velnik.core.exchange.IndentedText;
import velnik.core.exchange.PageLine;
import velnik.core.site.Limits;

/** A list of titles, one a line, indented by what it is beneath; a Markdown list too, with or without headings over it. */
final class ListReader {
    private static final Pattern HEADING = Pattern.compile("#{1,6}\\s+(.*?)\\s*#*");
    private static final Pattern LINK = Pattern.compile("\\[([^\\]]+)]\\(\\s*<?([^()\\s<>]*)>?[^)]*\\)");

    private ListReader() {}

    static FileRead read(SourceFile file) {
        List<IndentedText.Line> lines = IndentedText.parse(file.text(), Limits.PAGES);
        if (lines.size() > Limits.PAGES) {
            return FileRead.not("tooMany", Map.of("limit", Limits.PAGES));
        }
        String title = "";
        List<Found.FoundPage> pages = new ArrayList<>();
        for (IndentedText.Line line : lines) {
            Matcher heading = HEADING.matcher(line.title());
            if (pages.isEmpty() && title.isEmpty() && heading.matches()) {
                title = heading.group(1); // of the list, as Markdown has it
            } else {
                pages.add(page(file, line));
            }
        }
        if (pages.isEmpty()) {
            return FileRead.not("listEmpty", Map.of());
        }
        String named = title;
        return Found.NOTHING.with(found -> found.title(named).pages(pages));
    }

    private static Found.FoundPage page(SourceFile file, IndentedText.Line line) {
        Matcher link = LINK.matcher(line.title());
        boolean linked = link.matches();
        PageLine said = PageLine.of(linked ? link.group(1) : line.title());
        String path = linked
                ? WebPath.read(link.group(2), "/")
                        .filter(own -> own.host().isEmpty() && !own.asks())
                        .map(WebPath.Address::path)
                        .orElse("")
                : "";
        return new Found.FoundPage(
                new Found.Spot(file.name(), line.number()),
                line.level(),
                said.title(),
                false,
                path,
                "",
                line.title(),
                Found.Said.NOTHING.with(with -> with.slug(said.slug()).reach(said.reach())));
    }
}
