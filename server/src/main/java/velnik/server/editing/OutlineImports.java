package velnik.server.editing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import velnik.core.change.Change;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.entry.PastedItems;
import velnik.core.exchange.IndentedText;
import velnik.core.exchange.OutlineImport;
import velnik.core.exchange.PageLine;
import velnik.core.outline.Place;
import velnik.core.site.Limits;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.text.Messages;
import velnik.server.calls.ProblemException;
import velnik.server.workingcopy.WorkingCopy;

/** Pages out of pasted lists. */
@Component
class OutlineImports {
    static final int LINES_SHOWN = 200;
    /** Of the ids of pages that are not made. */
    private static final String PREFIX = "only-looked-at";

    private static final Messages WORDS = Messages.of(OutlineImports.class);

    private final WorkingCopy workingCopy;

    OutlineImports(WorkingCopy workingCopy) {
        this.workingCopy = workingCopy;
    }

    /**
     * What a list would add.
     *
     * @param lines the first of them
     * @param refused what is wrong; with any of these the list is not taken
     */
    record Preview(int pages, List<Line> lines, List<String> refused) {}

    /**
     * @param level from 1
     * @param marks what the line says beside the title: its address, who gets it
     */
    record Line(int number, int level, String title, String marks) {}

    Preview preview(String person, String text, ChangeDto.@Nullable PlaceDto place) {
        List<IndentedText.Line> lines = IndentedText.parse(text, Limits.PAGES);
        List<String> refused = new ArrayList<>();
        for (IndentedText.Line line : lines) {
            int characters = OutlineImport.page(line).title().length();
            if (characters > Limits.TITLE) {
                refused.add(WORDS.say(
                        "tooLong", Map.of("line", line.number(), "characters", characters, "limit", Limits.TITLE)));
            }
            if (line.level() > Limits.LEVELS) {
                refused.add(WORDS.say(
                        "tooDeep", Map.of("line", line.number(), "level", line.level(), "limit", Limits.LEVELS)));
            }
        }
        tooMany(lines).ifPresent(refused::add);
        if (refused.isEmpty()
                && !lines.isEmpty()
                && workingCopy.tried(person, List.of(adding(PREFIX, lines, place)))
                        instanceof Outcome.Refused(Refusal why)) {
            refused.add(why.sentence());
        }
        return new Preview(
                lines.size(),
                lines.stream()
                        .limit(LINES_SHOWN)
                        .map(line -> {
                            PageLine page = OutlineImport.page(line);
                            return new Line(line.number(), line.level(), page.title(), page.marks());
                        })
                        .toList(),
                refused.stream().limit(LINES_SHOWN).toList());
    }

    private Optional<String> tooMany(List<IndentedText.Line> lines) {
        int pages = workingCopy.state().site().pages().size() + lines.size();
        return pages <= Limits.PAGES
                ? Optional.empty()
                : Optional.of(WORDS.say(
                        lines.size() > Limits.PAGES ? "tooMany.byItself" : "tooMany",
                        Map.of("pages", pages, "limit", Limits.PAGES)));
    }

    /** Ids are made from the request's name, so that a repeated request means the same pages. */
    Change change(String request, String text, ChangeDto.@Nullable PlaceDto place) {
        List<IndentedText.Line> lines = IndentedText.parse(text, Limits.PAGES);
        if (lines.isEmpty()) {
            throw new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, "nothing-to-add", WORDS.say("nothing"));
        }
        Optional<String> tooMany = tooMany(lines);
        if (tooMany.isPresent()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "too-many-pages",
                    WORDS.say("nothingAdded", Map.of("why", tooMany.get())));
        }
        return adding(prefix(request), lines, place);
    }

    private Change adding(String prefix, List<IndentedText.Line> lines, ChangeDto.@Nullable PlaceDto place) {
        Place<PageId> where = place == null ? workingCopy.state().site().pages().endOf(null) : place.place();
        return OutlineImport.addingPages(lines, where, number -> new PageId(prefix + "-" + number));
    }

    /** A list as items of a menu. Ids are made as for pages. */
    PastedItems.Read items(String request, String text, MenuChangeDto.RowPlace place) {
        String prefix = prefix(request);
        return PastedItems.read(
                workingCopy.state().site(),
                text,
                place.place(),
                place.read(),
                number -> new MenuRowId(prefix + "-" + number));
    }

    private static String prefix(String request) {
        return request.substring(0, Math.min(request.length(), 50));
    }
}
