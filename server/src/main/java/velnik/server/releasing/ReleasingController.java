package velnik.server.releasing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.forwarding.AddressChange;
import velnik.core.telling.Waiting;
import velnik.server.calls.RequestName;
import velnik.server.storage.ReleaseHeading;
import velnik.server.workingcopy.WorkingCopy;

/** The calls about what waits and what was published. */
@RestController
@RequestMapping("/-/api")
class ReleasingController {
    private static final int ADDRESSES = 500;

    private final Releases releases;
    private final LiveSite live;
    private final WorkingCopy workingCopy;

    ReleasingController(Releases releases, LiveSite live, WorkingCopy workingCopy) {
        this.releases = releases;
        this.live = live;
        this.workingCopy = workingCopy;
    }

    /**
     * @param revision of the working copy that this is true of
     * @param addresses the first of those that visitors know and that change; the old ones will forward
     * @param addressesChanging how many there are
     */
    record WaitingDto(long revision, List<EntryDto> entries, List<AddressChangeDto> addresses, int addressesChanging) {}

    /** @param page the page it is about, while there is one */
    record EntryDto(@Nullable String page, String sentence) {
        static EntryDto of(Waiting.Entry entry) {
            return new EntryDto(entry.page() == null ? null : entry.page().value(), entry.sentence());
        }
    }

    record Publish(
            @NotNull @Pattern(regexp = RequestName.SHAPE, message = RequestName.SENTENCE)
            String request,

            long basedOn,

            @NotNull(message = "The note may be empty, but not missing.")
            @Size(max = 1000, message = "A note has at most 1000 characters.")
            String note) {}

    record ReleaseDto(int number, String person, Instant at, String note) {
        static ReleaseDto of(ReleaseHeading heading) {
            return new ReleaseDto(heading.number(), heading.person(), heading.at(), heading.note());
        }
    }

    @GetMapping("/waiting")
    WaitingDto waiting() {
        WorkingCopy.State state = workingCopy.state();
        List<AddressChange> addresses =
                AddressChange.between(live.site().withPast(state.site().past()), state.site());
        return new WaitingDto(
                state.revision(),
                live.waiting(state.site()).stream().map(EntryDto::of).toList(),
                addresses.stream().limit(ADDRESSES).map(AddressChangeDto::of).toList(),
                addresses.size());
    }

    @GetMapping("/releases")
    List<ReleaseDto> releases() {
        return releases.headings().stream().map(ReleaseDto::of).toList();
    }

    record ReleaseDifferenceDto(List<EntryDto> entries) {}

    /** What differs from one release to another, in the sentences of what waits. */
    @GetMapping("/releases/{number}/difference")
    ReleaseDifferenceDto difference(@PathVariable int number, @RequestParam int to) {
        return new ReleaseDifferenceDto(
                releases.difference(number, to).stream().map(EntryDto::of).toList());
    }

    @PostMapping("/releases")
    @ResponseStatus(HttpStatus.CREATED)
    ReleaseDto publish(@Valid @RequestBody Publish publish, Principal person) {
        return ReleaseDto.of(releases.publish(person.getName(), publish.request(), publish.basedOn(), publish.note()));
    }
}
