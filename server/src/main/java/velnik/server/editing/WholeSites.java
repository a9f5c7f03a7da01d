package velnik.server.editing;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import velnik.core.bin.BringingBack;
import velnik.core.change.Change;
import velnik.core.compare.Difference;
import velnik.core.importing.SourceFile;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.core.soundness.LooseEnds;
import velnik.core.telling.Waiting;
import velnik.core.text.Messages;
import velnik.server.calls.ProblemException;
import velnik.server.calls.RequestName;
import velnik.server.files.KeptFiles;
import velnik.server.storage.WholeSite;
import velnik.server.texts.Texts;
import velnik.server.workingcopy.WorkingCopy;

/** Makes the working copy what a file says that holds a whole site. */
@Component
class WholeSites {
    private static final Messages WORDS = Messages.of(WholeSites.class);
    private static final Pattern JSON = Pattern.compile("\\s*(?:\\{|\\[\\s*[\\[{\"])");
    /** Sentences of what becomes another. */
    private static final int SHOWN = 500;
    /** Sentences of what is wrong, and names of files. */
    private static final int NAMED = 5;

    private final WholeSite whole;
    private final WorkingCopy workingCopy;
    private final KeptFiles files;
    private final Texts texts;
    private final Answers answers;

    WholeSites(WholeSite whole, WorkingCopy workingCopy, KeptFiles files, Texts texts, Answers answers) {
        this.whole = whole;
        this.workingCopy = workingCopy;
        this.files = files;
        this.texts = texts;
        this.answers = answers;
    }

    /** Whether one of them is JSON, whatever it is called; no other JSON is read in. */
    static boolean isOne(List<SourceFile> given) {
        return given.stream().anyMatch(WholeSites::isJson);
    }

    private static boolean isJson(SourceFile file) {
        boolean isCalledSo = file.name().toLowerCase(Locale.ROOT).endsWith(".json");
        return JSON.matcher(file.text()).lookingAt()
                || isCalledSo && !file.text().stripLeading().startsWith("<");
    }

    /** What reading it in would do. Changes nothing. */
    ImportDto.ImportDryRun wouldRead(List<SourceFile> given) {
        WholeSite.Read.Whole read = read(given);
        List<Waiting.Entry> entries = Waiting.between(workingCopy.state().site(), here(read.site()));
        return ImportDto.ImportDryRun.ofWhole(
                WORDS.say("format"),
                read.site().details().name(),
                new ImportDto.ImportedSite(
                        entries.size(),
                        entries.stream()
                                .limit(SHOWN)
                                .map(Waiting.Entry::sentence)
                                .toList()),
                Stream.concat(missing(read.site()).stream(), LooseEnds.of(read.site()).stream())
                        .toList());
    }

    /**
     * Reads it in, in one edit.
     *
     * @param basedOn the revision that the person saw
     * @throws ProblemException when it cannot be read (422), or others changed the site since (409)
     */
    AnswerDto read(String person, String request, long basedOn, List<SourceFile> given) {
        WholeSite.Read.Whole read = read(given);
        return answers.of(person, workingCopy.edit(() -> {
            List<Change> before = workingCopy.changesOf(request);
            if (before.isEmpty()) {
                workingCopy.checkIsNewest(basedOn);
            } else if (!(before.getFirst() instanceof Change.BringSite)) {
                throw RequestName.taken();
            }
            List<Change> changes = before.isEmpty() ? List.of(bringing(read.site())) : before;
            texts.keep(read.texts());
            return workingCopy.apply(person, request, basedOn, changes);
        }));
    }

    private Change bringing(Site site) {
        Difference difference = BringingBack.difference(workingCopy.state().site(), here(site));
        if (difference.isEmpty()) {
            throw new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, "nothing-to-do", WORDS.say("nothingToDo"));
        }
        return new Change.BringSite(difference);
    }

    private WholeSite.Read.Whole read(List<SourceFile> given) {
        if (given.size() > 1) {
            throw ReadingIn.notRead(WORDS.say("alone"));
        }
        return switch (whole.read(given.getFirst().text())) {
            case WholeSite.Read.Whole read -> read;
            case WholeSite.Read.Not(List<String> sentences) ->
                throw ReadingIn.notRead(WORDS.say(
                        "wrong",
                        Map.of(
                                "why",
                                String.join(" ", sentences.subList(0, Math.min(NAMED, sentences.size()))),
                                "more",
                                Math.max(0, sentences.size() - NAMED))));
        };
    }

    /** Without files whose contents are elsewhere. */
    private Site here(Site site) {
        return site.withFiles(site.files().stream().filter(files::has).toList());
    }

    private List<String> missing(Site site) {
        List<String> names = site.files().stream()
                .filter(Predicate.not(files::has))
                .map(SiteFile::name)
                .toList();
        return names.isEmpty() ? List.of() : List.of(WORDS.say("missing", WORDS.few(names, NAMED)));
    }
}
