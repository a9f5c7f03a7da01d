package velnik.server.checking;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.starting.Remaining;
import velnik.server.releasing.LiveSite;
import velnik.server.workingcopy.Computed;

/** Answers what remains to be done until a new site is ready. */
@RestController
@RequestMapping("/-/api/remaining")
class RemainingController {
    private final Computed computed;
    private final LiveSite live;

    RemainingController(Computed computed, LiveSite live) {
        this.computed = computed;
        this.live = live;
    }

    /**
     * @param count how many there are left of what is done one by one; 0 for one thing
     * @param page where to go on; null for no page
     */
    record RemainingDto(
            Remaining.Kind kind,
            boolean done,
            int count,
            @Nullable String page) {
        static RemainingDto of(Remaining.Step step) {
            return new RemainingDto(
                    step.kind(),
                    step.done(),
                    step.count(),
                    step.page() == null ? null : step.page().value());
        }
    }

    /** In the order in which they are best done. */
    @GetMapping
    List<RemainingDto> remaining() {
        return Remaining.of(computed.now().state().site(), live.number() > 0).steps().stream()
                .map(RemainingDto::of)
                .toList();
    }
}
