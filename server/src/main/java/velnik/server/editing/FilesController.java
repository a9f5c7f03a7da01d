package velnik.server.editing;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Pattern;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.security.Principal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.springframework.core.io.Resource;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.change.Change;
import velnik.core.change.FileChange;
import velnik.core.change.Refusal;
import velnik.core.files.FileUses;
import velnik.core.files.Files;
import velnik.core.site.FileContent;
import velnik.core.site.FileId;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.server.calls.RequestName;
import velnik.server.files.Incoming;
import velnik.server.files.ServedFiles;
import velnik.server.files.Uploads;
import velnik.server.texts.Texts;
import velnik.server.workingcopy.Refusals;
import velnik.server.workingcopy.WorkingCopy;

/** Takes files in, and tells which there are and what uses them. */
@RestController
@RequestMapping("/-/api/files")
class FilesController {
    private final WorkingCopy workingCopy;
    private final Uploads uploads;
    private final ServedFiles served;
    private final Texts texts;
    private final Answers answers;

    FilesController(WorkingCopy workingCopy, Uploads uploads, ServedFiles served, Texts texts, Answers answers) {
        this.workingCopy = workingCopy;
        this.uploads = uploads;
        this.served = served;
        this.texts = texts;
        this.answers = answers;
    }

    /** In the order of their names. */
    @GetMapping
    List<FileDto> files() {
        Site site = workingCopy.state().site();
        Map<FileId, FileUses> uses = FileUses.of(site, texts);
        return site.files().stream()
                .sorted(Comparator.comparing(SiteFile::name, String.CASE_INSENSITIVE_ORDER))
                .map(file -> FileDto.of(site, file, uses.getOrDefault(file.id(), FileUses.NONE)))
                .toList();
    }

    /** A picture of the working copy, for the editor. */
    @GetMapping("/{id}/{version}/{name}")
    ResponseEntity<Resource> picture(@PathVariable String id, @PathVariable String version, @PathVariable String name) {
        return served.picture(workingCopy.state().site(), id, version, name)
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    /**
     * Adds the file that the body is.
     *
     * @param file its id, made by whoever sends it
     * @param name as it is called where it comes from
     */
    @PostMapping
    AnswerDto add(
            @RequestParam String file,
            @RequestParam String name,
            @RequestParam @Pattern(regexp = RequestName.SHAPE) String request,
            @RequestParam long basedOn,
            HttpServletRequest body,
            Principal person) {
        FileId id = known(file);
        return kept(body, request, basedOn, person, content -> new FileChange.AddFile(id, Files.nameOf(name), content));
    }

    /** The body takes the place of what the file held. */
    @PutMapping("/{file}/content")
    AnswerDto replace(
            @PathVariable String file,
            @RequestParam @Pattern(regexp = RequestName.SHAPE) String request,
            @RequestParam long basedOn,
            HttpServletRequest body,
            Principal person) {
        FileId id = known(file);
        return kept(body, request, basedOn, person, content -> new FileChange.ReplaceFile(id, content));
    }

    private static FileId known(String file) {
        return FileId.of(file).orElseThrow(() -> Refusals.problem(new Refusal.FileUnknown()));
    }

    private AnswerDto kept(
            HttpServletRequest body,
            String request,
            long basedOn,
            Principal person,
            Function<FileContent, Change> change) {
        try (InputStream bytes = body.getInputStream();
                Incoming taken = uploads.take(bytes, body.getContentLengthLong())) {
            // In one go, so that a content which nothing names yet is not taken for one that nothing names any more.
            return answers.of(person.getName(), workingCopy.edit(() -> {
                uploads.keep(taken);
                return workingCopy.apply(person.getName(), request, basedOn, List.of(change.apply(taken.content())));
            }));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
