package velnik.server.arranging;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.content.TextPlace;
import velnik.core.entry.FoundPlaces;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.server.texts.Texts;
import velnik.server.workingcopy.WorkingCopy;

/** The places on pages that items and links can lead to. */
@RestController
@RequestMapping("/-/api")
class PlacesController {
    /** As many as somebody looks through. */
    private static final int FOUND = 20;

    private final WorkingCopy workingCopy;
    private final Texts texts;

    PlacesController(WorkingCopy workingCopy, Texts texts) {
        this.workingCopy = workingCopy;
        this.texts = texts;
    }

    /**
     * @param name of the place, as an address ends with it after {@code #}
     * @param words of its heading
     */
    record TextPlaceDto(String page, String name, String words) {
        static TextPlaceDto of(PageId page, TextPlace place) {
            return new TextPlaceDto(page.value(), place.name(), place.words());
        }
    }

    /** Those on all pages that answer to what was typed, best first. */
    @GetMapping("/places")
    List<TextPlaceDto> places(@RequestParam String text) {
        return FoundPlaces.of(workingCopy.state().site(), texts, text, FOUND).stream()
                .map(found -> TextPlaceDto.of(found.page(), found.place()))
                .toList();
    }

    /** Those on one page, in the order of its text; none where the page is gone. */
    @GetMapping("/pages/{page}/places")
    List<TextPlaceDto> placesOn(@PathVariable String page) {
        Site site = workingCopy.state().site();
        PageId id = Named.page(page);
        return site.pages().find(id).stream()
                .flatMap(there -> texts.places(there).stream())
                .map(place -> TextPlaceDto.of(id, place))
                .toList();
    }
}
