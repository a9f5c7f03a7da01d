package velnik.server.visiting;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.site.Zone;
import velnik.server.calls.ProblemException;

/** What websites elsewhere show of this one. */
@RestController
class FeedController {
    static final String BASE = "/-/feeds/";

    private final MenuFeeds feeds;

    FeedController(MenuFeeds feeds) {
        this.feeds = feeds;
    }

    /**
     * The menus of a zone, which scripts may read on the websites that the owner allows.
     *
     * @param page the path of the page that is marked in them; left out for none
     */
    @GetMapping(path = BASE + "menus/{zone}.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> menus(
            HttpServletRequest request,
            HttpServletResponse response,
            @PathVariable String zone,
            @RequestParam(required = false) @Nullable String page,
            @RequestHeader(name = HttpHeaders.ORIGIN, required = false) @Nullable String elsewhere,
            @RequestHeader(name = HttpHeaders.ACCEPT_ENCODING, defaultValue = "") String accepted,
            @RequestHeader(name = HttpHeaders.IF_NONE_MATCH, required = false) @Nullable String known) {
        // Refusals too are for those alone who may read the menus.
        response.addHeader(HttpHeaders.VARY, HttpHeaders.ORIGIN);
        if (elsewhere != null && feeds.isAllowed(elsewhere)) {
            response.setHeader(HttpHeaders.ACCESS_CONTROL_ALLOW_ORIGIN, elsewhere);
        }
        Rendered feed = feeds.of(zone(zone), page, VisitorController.origin(request));
        return VisitorController.answer(feed, MediaType.APPLICATION_JSON, accepted, known);
    }

    private static Zone zone(String word) {
        return Zone.named(word)
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.NOT_FOUND,
                        "zone-unknown",
                        "There is no such zone. Zones are "
                                + Arrays.stream(Zone.values()).map(Zone::word).collect(Collectors.joining(", "))
                                + "."));
    }
}
