package velnik.server.restoring;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.change.Change;
import velnik.core.explanation.Labels;
import velnik.core.site.MenuRow;
import velnik.core.site.Removal;
import velnik.core.site.Site;
import velnik.server.calls.RequestName;
import velnik.server.calls.Whole;
import velnik.server.people.People;
import velnik.server.workingcopy.WorkingCopy;

/** What was removed and can be put back. */
@RestController
@RequestMapping("/-/api/bin")
class BinController {
    private final WorkingCopy workingCopy;
    private final People people;

    BinController(WorkingCopy workingCopy, People people) {
        this.workingCopy = workingCopy;
        this.people = people;
    }

    public enum RemovalKind {
        PAGE,
        ITEM,
        MENU
    }

    /**
     * A removal.
     *
     * @param what the first of what went
     * @param more how many others went in the same gesture, beside it and beneath
     * @param where for a page its address, for an item its menu, for a menu nothing
     * @param by the name of who removed it
     */
    record RemovalDto(String id, RemovalKind kind, String what, int more, String where, Instant at, String by) {}

    /** @param removals the newest first */
    record BinDto(long revision, List<RemovalDto> removals) {}

    @GetMapping
    BinDto bin() {
        WorkingCopy.State state = workingCopy.state();
        Site site = state.site();
        return new BinDto(
                state.revision(),
                site.bin().reversed().stream()
                        .map(removal -> removal(site, removal))
                        .toList());
    }

    /**
     * Lets removals go for good, which nobody undoes. Those that are not there any more are gone already.
     *
     * @param removals of which one at least
     */
    record Empty(
            @NotNull @Pattern(regexp = RequestName.SHAPE, message = RequestName.SENTENCE)
            String request,

            @NotNull @Size(min = 1, max = Whole.ROWS, message = "Name one removal at least, and 20,000 at most.")
            List<String> removals) {}

    @PostMapping("/emptyings")
    BinDto empty(@Valid @RequestBody Empty empty, Principal person) {
        Set<String> named = new HashSet<>(empty.removals());
        workingCopy.applyForGood(
                person.getName(),
                empty.request(),
                List.of(new Change.EmptyBin(workingCopy.state().site().bin().stream()
                        .map(Removal::id)
                        .filter(removal -> named.contains(removal.value()))
                        .toList())));
        return bin();
    }

    private RemovalDto removal(Site site, Removal removal) {
        List<Removal.Part<?, ?>> parts = Stream.<Removal.Part<?, ?>>concat(
                        removal.pages().stream(), removal.rows().stream())
                .toList();
        int rows = parts.stream().mapToInt(part -> part.rows().size()).sum();
        return new RemovalDto(
                removal.id().value(),
                kind(parts.getFirst().top().value()),
                Labels.of(site, removal),
                rows - 1,
                parts.getFirst().where(),
                removal.at(),
                people.displayName(removal.person()));
    }

    private static RemovalKind kind(Object top) {
        return switch (top) {
            case MenuRow.Menu menu -> RemovalKind.MENU;
            case MenuRow.Item item -> RemovalKind.ITEM;
            default -> RemovalKind.PAGE;
        };
    }
}
