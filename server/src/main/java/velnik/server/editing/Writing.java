package velnik.server.editing;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import velnik.core.content.Written;
import velnik.core.site.Site;
import velnik.server.texts.Texts;
import velnik.server.workingcopy.Refusals;
import velnik.server.workingcopy.WorkingCopy;

/** Makes texts that come with changes ready to be kept, and keeps them. */
@Service
class Writing {
    private final WorkingCopy workingCopy;
    private final Texts texts;

    Writing(WorkingCopy workingCopy, Texts texts) {
        this.workingCopy = workingCopy;
        this.texts = texts;
    }

    /**
     * @param changes with their texts as they are kept
     * @param texts to keep before the pages that have them, so that no page ever has one that is not there
     * @param otherwise those that are kept otherwise than they were sent
     */
    record Ready(List<ChangeDto> changes, List<String> texts, List<TextDto> otherwise) {}

    /** @throws velnik.server.calls.ProblemException when a text is too long (422) */
    Ready ready(List<ChangeDto> sent) {
        Site site = workingCopy.state().site();
        Ready ready = new Ready(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        for (ChangeDto change : sent) {
            if (change instanceof WritingDto.SetText written) {
                Written.refused(written.text()).ifPresent(why -> {
                    throw Refusals.problem(why);
                });
                WritingDto.SetText kept = written.kept(site);
                ready.changes().add(kept);
                if (!kept.text().isEmpty()) {
                    ready.texts().add(kept.text());
                }
                if (!kept.text().equals(written.text())) {
                    ready.otherwise().add(new TextDto(kept.page(), kept.text()));
                }
            } else {
                ready.changes().add(change);
            }
        }
        return ready;
    }

    void keep(Ready ready) {
        texts.keep(ready.texts());
    }
}
