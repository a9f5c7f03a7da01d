package velnik.server.editing;

import java.util.List;
import org.springframework.stereotype.Component;
import velnik.server.releasing.LiveSite;
import velnik.server.workingcopy.WorkingCopy;

/** Answers edits. */
@Component
class Answers {
    private final WorkingCopy workingCopy;
    private final LiveSite live;

    Answers(WorkingCopy workingCopy, LiveSite live) {
        this.workingCopy = workingCopy;
        this.live = live;
    }

    AnswerDto of(String person, WorkingCopy.Kept kept) {
        return of(person, kept, List.of());
    }

    /** @param texts that are kept otherwise than they were sent */
    AnswerDto of(String person, WorkingCopy.Kept kept, List<TextDto> texts) {
        return new AnswerDto(
                kept.state().revision(),
                kept.title(),
                kept.told(),
                RemedyDto.of(kept.remedies()),
                AnswerDto.DifferenceDto.of(kept.differences(), kept.state().site()),
                WorkingCopyDto.HistoryDto.of(workingCopy.steps(person)),
                live.waiting(kept.state().site()).size(),
                texts);
    }
}
