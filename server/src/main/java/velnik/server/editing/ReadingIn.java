package velnik.server.editing;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.importing.FileRead;
import velnik.core.importing.ImportPlan;
import velnik.core.site.Site;
import velnik.server.calls.ProblemException;
import velnik.server.texts.Texts;
import velnik.server.workingcopy.WorkingCopy;

/** Does what a plan of reading in holds, in one edit. */
@Component
class ReadingIn {
    /** Characters of a request's name that the ids begin with which are made for it. */
    private static final int PREFIX = 45;

    private final WorkingCopy workingCopy;
    private final Texts texts;
    private final Answers answers;
    private final Clock clock;

    ReadingIn(WorkingCopy workingCopy, Texts texts, Answers answers, Clock clock) {
        this.workingCopy = workingCopy;
        this.texts = texts;
        this.answers = answers;
        this.clock = clock;
    }

    /** How a plan is made: for the site as it is, with ids by the request, so that a repeated one means the same. */
    @FunctionalInterface
    interface Planning {
        ImportPlan of(Site site, UnaryOperator<String> ids, Circumstances circumstances);
    }

    ImportPlan plan(String person, String request, Planning planning) {
        return planned(workingCopy.state().site(), person, request, planning);
    }

    /** A plan that was tried, so that it says what would stand against it. */
    ImportPlan dryRun(String person, String request, Planning planning) {
        Site site = workingCopy.state().site();
        return planned(site, person, request, planning).tried(site, new Circumstances(clock.instant(), person));
    }

    private ImportPlan planned(Site site, String person, String request, Planning planning) {
        String prefix = request.substring(0, Math.min(request.length(), PREFIX));
        return planning.of(site, key -> prefix + "-" + key, new Circumstances(clock.instant(), person));
    }

    /**
     * @param title what undo calls it
     * @param plan asked for only where the request was not sent before
     */
    AnswerDto apply(String person, String request, long basedOn, String title, Supplier<ImportPlan> plan) {
        List<Change> before = workingCopy.changesOf(request);
        // Worked out while others go on editing; what they did meanwhile is met when it is applied.
        ImportPlan wanted =
                before.isEmpty() ? plan.get() : new ImportPlan(List.of(), before, List.of(), List.of(), null);
        if (wanted.refused() != null) {
            throw notRead(wanted.refused());
        }
        if (wanted.changes().isEmpty()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT, "nothing-to-do", FileRead.WORDS.say("nothingToDo"));
        }
        // In one go, so that texts which no page has yet are not taken for those that no page has any more.
        WorkingCopy.Kept kept = workingCopy.edit(() -> {
            texts.keep(wanted.texts());
            return workingCopy.apply(person, request, basedOn, wanted.changes(), title);
        });
        return answers.of(person, kept);
    }

    static ProblemException notRead(String why) {
        return new ProblemException(
                HttpStatus.UNPROCESSABLE_CONTENT, "not-read", FileRead.WORDS.say("notRead", Map.of("why", why)));
    }
}
