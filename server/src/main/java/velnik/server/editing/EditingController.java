package velnik.server.editing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.entry.PastedItems;
import velnik.core.site.Site;
import velnik.server.calls.ProblemException;
import velnik.server.calls.RequestName;
import velnik.server.calls.Whole;
import velnik.server.releasing.LiveSite;
import velnik.server.workingcopy.Computed;
import velnik.server.workingcopy.History;
import velnik.server.workingcopy.Undo;
import velnik.server.workingcopy.WorkingCopy;

/** The calls that read and edit the working copy. */
@RestController
@RequestMapping("/-/api")
class EditingController {
    private final WorkingCopy workingCopy;
    private final LiveSite live;
    private final Answers answers;
    private final Writing writing;
    private final OutlineImports imports;
    private final Elsewhere elsewhere;
    private final Computed computed;

    EditingController(
            WorkingCopy workingCopy,
            LiveSite live,
            Answers answers,
            Writing writing,
            OutlineImports imports,
            Elsewhere elsewhere,
            Computed computed) {
        this.workingCopy = workingCopy;
        this.live = live;
        this.answers = answers;
        this.writing = writing;
        this.imports = imports;
        this.elsewhere = elsewhere;
        this.computed = computed;
    }

    /**
     * @param request the client's own name for it; sent again, it is applied once
     * @param basedOn the revision that the person saw
     */
    record Edit(
            @NotNull @Pattern(regexp = RequestName.SHAPE, message = RequestName.SENTENCE)
            String request,

            long basedOn,

            @NotEmpty(message = "There is no change in this request.")
            @Size(max = 500, message = "One request has at most 500 changes.")
            List<ChangeDto> changes) {}

    record Step(
            @NotNull @Pattern(regexp = RequestName.SHAPE, message = RequestName.SENTENCE)
            String request) {}

    /** @param how left out, an edit that others were built upon is not taken back */
    record StepBack(
            @NotNull @Pattern(regexp = RequestName.SHAPE, message = RequestName.SENTENCE)
            String request,

            @Nullable Undo how) {}

    record Paste(
            @NotNull @Pattern(regexp = RequestName.SHAPE, message = RequestName.SENTENCE)
            String request,

            long basedOn,
            @NotNull(message = "There is no text.") String text,
            ChangeDto.@Nullable PlaceDto place) {}

    record PasteItems(
            @NotNull @Pattern(regexp = RequestName.SHAPE, message = RequestName.SENTENCE)
            String request,

            long basedOn,
            @NotNull(message = "There is no text.") String text,
            MenuChangeDto.@NotNull RowPlace place) {}

    /**
     * @param lines what each line becomes, the first of them
     * @param refused what is wrong with which line; with any of these the list is not taken
     */
    record ItemsPreview(int items, String summary, List<ItemLine> lines, List<String> refused) {}

    /**
     * @param level from 1
     * @param reads what the item reads
     * @param leads where it leads, or what it is if it leads nowhere
     */
    record ItemLine(int level, String reads, String leads) {}

    /** @param told sentences for the person; empty when nothing happened */
    record ElsewhereDto(
            long revision,
            List<String> told,
            AnswerDto.DifferenceDto difference,
            WorkingCopyDto.HistoryDto history,
            int waiting) {}

    @GetMapping("/working-copy")
    WorkingCopyDto workingCopy(Principal person) {
        WorkingCopy.State state = workingCopy.state();
        Site site = state.site();
        return new WorkingCopyDto(
                state.revision(),
                SettingsDto.of(site),
                site.home() == null ? null : site.home().value(),
                WorkingCopyDto.pages(site),
                live.publicPages(),
                live.number(),
                WorkingCopyDto.HistoryDto.of(workingCopy.steps(person.getName())),
                live.waiting(site).size());
    }

    /** What others did, and the person elsewhere, since a revision. */
    @GetMapping("/edits")
    ElsewhereDto edits(@RequestParam long since, Principal person) {
        WorkingCopy.Since happened = workingCopy.since(since);
        WorkingCopy.State state = happened.state();
        return new ElsewhereDto(
                state.revision(),
                elsewhere.told(happened.edits(), person.getName()),
                AnswerDto.DifferenceDto.of(
                        happened.edits().stream()
                                .map(History.Recent::difference)
                                .toList(),
                        state.site()),
                WorkingCopyDto.HistoryDto.of(workingCopy.steps(person.getName())),
                live.waiting(state.site()).size());
    }

    @PostMapping("/changes")
    AnswerDto change(@Valid @RequestBody Edit edit, Principal person) {
        Writing.Ready ready = writing.ready(Whole.checked(edit.changes(), "changes"));
        List<Change> changes = changes(ready);
        // In one go, so that texts which no page has yet are not taken for those that no page has any more.
        WorkingCopy.Kept kept = workingCopy.edit(() -> {
            writing.keep(ready);
            return workingCopy.apply(person.getName(), edit.request(), edit.basedOn(), changes);
        });
        return answers.of(person.getName(), kept, ready.otherwise());
    }

    /** What the person would be told of these changes, or why they cannot be. Changes nothing. */
    @PostMapping(path = "/changes", params = "dryRun=true")
    TriedDto wouldChange(@RequestParam boolean dryRun, @Valid @RequestBody Edit edit, Principal person) {
        Site before = workingCopy.state().site();
        Writing.Ready ready = writing.ready(Whole.checked(edit.changes(), "changes"));
        Outcome outcome = workingCopy.tried(person.getName(), changes(ready));
        return TriedDto.of(computed.now().withLostLinks(outcome), before);
    }

    private static List<Change> changes(Writing.Ready ready) {
        return ready.changes().stream().map(dto -> understood(dto::change)).toList();
    }

    @PostMapping("/undo")
    AnswerDto undo(@Valid @RequestBody StepBack step, Principal person) {
        Undo how = step.how() == null ? Undo.ALONE : step.how();
        return answers.of(person.getName(), workingCopy.undo(person.getName(), step.request(), how));
    }

    @PostMapping("/redo")
    AnswerDto redo(@Valid @RequestBody Step step, Principal person) {
        return answers.of(person.getName(), workingCopy.redo(person.getName(), step.request()));
    }

    /** An indented list as pages: what it would add, line by line. Changes nothing. */
    @PostMapping(path = "/imports/outline", params = "dryRun=true")
    OutlineImports.Preview previewOutline(
            @RequestParam boolean dryRun, @Valid @RequestBody Paste paste, Principal person) {
        return understood(() -> imports.preview(person.getName(), paste.text(), paste.place()));
    }

    /** An indented list becomes pages, in one edit. */
    @PostMapping(path = "/imports/outline", params = "dryRun=false")
    AnswerDto importOutline(@RequestParam boolean dryRun, @Valid @RequestBody Paste paste, Principal person) {
        Change change = understood(() -> imports.change(paste.request(), paste.text(), paste.place()));
        return answers.of(
                person.getName(),
                workingCopy.apply(person.getName(), paste.request(), paste.basedOn(), List.of(change)));
    }

    /** An indented list as items: what it would add. Changes nothing. */
    @PostMapping(path = "/imports/items", params = "dryRun=true")
    ItemsPreview previewItems(@RequestParam boolean dryRun, @Valid @RequestBody PasteItems paste, Principal person) {
        PastedItems.Read read =
                understood(() -> imports.items(paste.request(), paste.text(), Whole.checked(paste.place(), "place")));
        List<String> refused = read.refused();
        if (refused.isEmpty()
                && workingCopy.tried(person.getName(), List.of(new MenuChange.AddItems(read.items())))
                        instanceof Outcome.Refused(Refusal why)) {
            refused = List.of(why.sentence());
        }
        refused = refused.stream().limit(OutlineImports.LINES_SHOWN).toList();
        return new ItemsPreview(
                read.items().size(),
                read.summary(),
                read.lines().stream()
                        .limit(OutlineImports.LINES_SHOWN)
                        .map(line -> new ItemLine(line.level(), line.reads(), line.leads()))
                        .toList(),
                refused);
    }

    /** An indented list becomes items of a menu, in one edit. */
    @PostMapping(path = "/imports/items", params = "dryRun=false")
    AnswerDto importItems(@RequestParam boolean dryRun, @Valid @RequestBody PasteItems paste, Principal person) {
        PastedItems.Read read =
                understood(() -> imports.items(paste.request(), paste.text(), Whole.checked(paste.place(), "place")));
        if (!read.refused().isEmpty()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "lines-refused",
                    read.refused().getFirst() + " Nothing was added.");
        }
        Change change = new MenuChange.AddItems(read.items());
        return answers.of(
                person.getName(),
                workingCopy.apply(person.getName(), paste.request(), paste.basedOn(), List.of(change)));
    }

    /** Ids and the like that no value can be made of are the client's mistake. */
    private static <T> T understood(Supplier<T> reading) {
        try {
            return reading.get();
        } catch (IllegalArgumentException | NullPointerException malformed) {
            throw new ProblemException(
                    HttpStatus.BAD_REQUEST,
                    "not-understood",
                    "This request cannot be understood, so nothing was changed.");
        }
    }
}
