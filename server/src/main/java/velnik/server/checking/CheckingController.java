package velnik.server.checking;

import java.time.Clock;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.finding.Finding;
import velnik.core.finding.WaitingPeriods;
import velnik.core.site.Site;
import velnik.server.releasing.LiveSite;
import velnik.server.workingcopy.Computed;

/** Answers what an owner would want to know before visitors find out. */
@RestController
@RequestMapping("/-/api/findings")
class CheckingController {
    private final Computed computed;
    private final LiveSite live;
    private final Clock clock;

    CheckingController(Computed computed, LiveSite live, Clock clock) {
        this.computed = computed;
        this.live = live;
        this.clock = clock;
    }

    record FindingDto(String page, Finding.Level level, String sentence) {}

    /** Of all pages, in the order of the page tree; those of one page the most pressing first. Then what waits too long. */
    @GetMapping
    List<FindingDto> findings() {
        Computed.Revision now = computed.now();
        Site site = now.state().site();
        return Stream.concat(now.findings().stream(), WaitingPeriods.of(site, live.site(), clock.instant()).stream())
                .map(finding -> new FindingDto(
                        finding.page().value(),
                        finding.level(),
                        finding.reason().sentence(site)))
                .toList();
    }
}
