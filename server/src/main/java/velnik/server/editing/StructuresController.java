package velnik.server.editing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.security.Principal;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.site.Look;
import velnik.core.starting.StartingStructure;
import velnik.server.calls.ProblemException;
import velnik.server.calls.RequestName;

/** What a site without pages can begin with. */
@RestController
@RequestMapping("/-/api/structures")
class StructuresController {
    private final ReadingIn readingIn;

    StructuresController(ReadingIn readingIn) {
        this.readingIn = readingIn;
    }

    /** @param what it is meant for, in a few words */
    record StructureDto(String id, String name, String what, Look look, List<StructureLineDto> pages) {}

    /** @param level from 1 */
    record StructureLineDto(int level, String title) {}

    @GetMapping
    List<StructureDto> all() {
        return StartingStructure.ALL.stream()
                .map(structure -> new StructureDto(
                        structure.id(),
                        structure.name(),
                        structure.what(),
                        structure.look(),
                        structure.lines().stream()
                                .map(line -> new StructureLineDto(line.level(), line.title()))
                                .toList()))
                .toList();
    }

    record BeginWith(
            @NotNull @Pattern(regexp = RequestName.SHAPE, message = RequestName.SENTENCE)
            String request,

            long basedOn) {}

    /** Makes its pages, menus and form, in one edit. */
    @PostMapping("/{id}")
    AnswerDto begin(@PathVariable String id, @Valid @RequestBody BeginWith begin, Principal person) {
        StartingStructure structure = StartingStructure.named(id)
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.NOT_FOUND, "not-there", "There is no such structure. Nothing was changed."));
        return readingIn.apply(
                person.getName(),
                begin.request(),
                begin.basedOn(),
                "Begin with " + structure.name(),
                () -> readingIn.plan(person.getName(), begin.request(), (site, ids, circumstances) -> {
                    if (site.home() != null) {
                        throw new ProblemException(
                                HttpStatus.UNPROCESSABLE_CONTENT,
                                "site-has-pages",
                                "The site has pages already, so it does not begin with a structure. Nothing was changed.");
                    }
                    return structure.plan(site, ids, circumstances);
                }));
    }
}
