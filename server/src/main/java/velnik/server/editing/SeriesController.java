package velnik.server.editing;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.entry.Series;
import velnik.core.site.Limits;
import velnik.core.text.Shortened;
import velnik.server.workingcopy.WorkingCopy;

/** Guesses the titles of copies, for somebody to look at before any is made. */
@RestController
@RequestMapping("/-/api/series")
class SeriesController {
    private static final int MOST = 100;

    private final WorkingCopy workingCopy;
    private final Clock clock;

    SeriesController(WorkingCopy workingCopy, Clock clock) {
        this.workingCopy = workingCopy;
        this.clock = clock;
    }

    /** @param titles as they count on */
    record SeriesDto(List<String> titles) {}

    @GetMapping
    SeriesDto after(@RequestParam String title, @RequestParam int count) {
        LocalDate today = LocalDate.ofInstant(
                clock.instant(), workingCopy.state().site().details().timeZone());
        return new SeriesDto(Series.after(Shortened.to(Limits.TITLE, title), Math.clamp(count, 0, MOST), today));
    }
}
