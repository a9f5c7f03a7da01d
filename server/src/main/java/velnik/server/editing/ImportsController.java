package velnik.server.editing;

import jakarta.validation.Valid;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.importing.FileFormat;
import velnik.core.importing.FileRead;
import velnik.core.importing.Found;
import velnik.core.importing.ImportChoices;
import velnik.core.importing.ImportPlan;
import velnik.core.importing.SourceFile;
import velnik.server.calls.ProblemException;
import velnik.server.calls.Whole;
import velnik.server.exchanging.Unfolding;

/** Reads files in. */
@RestController
@RequestMapping("/-/api/imports/files")
class ImportsController {
    private final ReadingIn readingIn;
    private final WholeSites wholeSites;
    private final LastRead lastRead;

    ImportsController(ReadingIn readingIn, WholeSites wholeSites, LastRead lastRead) {
        this.readingIn = readingIn;
        this.wholeSites = wholeSites;
        this.lastRead = lastRead;
    }

    /** What reading them in would do, row by row. Changes nothing. */
    @PostMapping(params = "dryRun=true")
    ImportDto.ImportDryRun wouldRead(
            @RequestParam boolean dryRun, @Valid @RequestBody ImportDto.ImportFiles files, Principal person) {
        List<SourceFile> unfolded = Unfolding.of(Whole.checked(files, "files").files());
        if (WholeSites.isOne(unfolded)) {
            return wholeSites.wouldRead(unfolded);
        }
        Found found = found(unfolded);
        ImportPlan plan = readingIn.dryRun(person.getName(), files.request(), planning(files, found));
        return ImportDto.ImportDryRun.of(FileFormat.words(unfolded), found, plan);
    }

    /** Reads them in, in one edit. */
    @PostMapping(params = "dryRun=false")
    AnswerDto read(@RequestParam boolean dryRun, @Valid @RequestBody ImportDto.ImportFiles files, Principal person) {
        List<SourceFile> unfolded = Unfolding.of(Whole.checked(files, "files").files());
        if (WholeSites.isOne(unfolded)) {
            return wholeSites.read(person.getName(), files.request(), files.basedOn(), unfolded);
        }
        Found found = found(unfolded);
        return readingIn.apply(
                person.getName(),
                files.request(),
                files.basedOn(),
                FileRead.WORDS.say("title", Map.of("formats", FileFormat.words(unfolded))),
                () -> readingIn.plan(person.getName(), files.request(), planning(files, found)));
    }

    private Found found(List<SourceFile> files) {
        return switch (lastRead.of(files)) {
            case Found found -> found;
            case FileRead.NotRead(String sentence) -> throw ReadingIn.notRead(sentence);
        };
    }

    private static ReadingIn.Planning planning(ImportDto.ImportFiles files, Found found) {
        try {
            ImportChoices choices = files.choices().read();
            return (site, ids, circumstances) -> ImportPlan.of(site, found, choices, ids, circumstances);
        } catch (IllegalArgumentException | NullPointerException malformed) {
            throw new ProblemException(
                    HttpStatus.BAD_REQUEST,
                    "not-understood",
                    "This request cannot be understood, so nothing was changed.");
        }
    }
}
