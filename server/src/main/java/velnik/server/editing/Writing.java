package velnik.server.editing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import velnik.core.content.LastingNames;
import velnik.core.content.Written;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.server.releasing.LiveSite;
import velnik.server.texts.Texts;
import velnik.server.workingcopy.Refusals;
import velnik.server.workingcopy.WorkingCopy;

/** Makes texts that come with changes ready to be kept, and keeps them. */
@Service
class Writing {
    private final WorkingCopy workingCopy;
    private final LiveSite live;
    private final Texts texts;

    Writing(WorkingCopy workingCopy, LiveSite live, Texts texts) {
        this.workingCopy = workingCopy;
        this.live = live;
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
                WritingDto.SetText kept = written.withText(kept(site, written));
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

    private String kept(Site site, WritingDto.SetText written) {
        String text = Written.kept(written.text(), site);
        Optional<Page> page = PageId.of(written.page()).flatMap(site.pages()::find);
        // Upon another text it is refused.
        return page.filter(there -> there.text() != null && there.text().value().equals(written.upon()))
                .map(there ->
                        LastingNames.in(text, texts.places(there), () -> followed(site, new PageId(written.page()))))
                .orElse(text);
    }

    /** The names of places on a page that visitors may have come by, or that something leads to. */
    private Set<String> followed(Site site, PageId id) {
        Set<String> names = LastingNames.ledTo(site, id, texts);
        live.site().pages().find(id).ifPresent(page -> texts.places(page).forEach(place -> names.add(place.name())));
        return names;
    }

    void keep(Ready ready) {
        texts.keep(ready.texts());
    }
}
