package velnik.server.visiting;

import java.util.Optional;
import org.springframework.core.io.Resource;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import velnik.core.address.FileAddresses;
import velnik.core.site.Site;
import velnik.server.files.ServedFiles;
import velnik.server.releasing.LiveSite;
import velnik.server.workingcopy.WorkingCopy;

/** The files of the live site for visitors, and those of the working copy for the preview. */
@Controller
class FileController {
    private static final String WHOLE = FileAddresses.BASE + "{id}/{name}";
    private static final String PICTURE = FileAddresses.BASE + "{id}/{version}/{name}";
    private static final String WINDOW = "/-/window/{token}";

    private final LiveSite live;
    private final WorkingCopy workingCopy;
    private final Windows windows;
    private final ServedFiles files;

    FileController(LiveSite live, WorkingCopy workingCopy, Windows windows, ServedFiles files) {
        this.live = live;
        this.workingCopy = workingCopy;
        this.windows = windows;
        this.files = files;
    }

    @GetMapping(WHOLE)
    ResponseEntity<Resource> whole(@PathVariable String id, @PathVariable String name) {
        return orNothing(files.whole(live.site(), id));
    }

    @GetMapping(PICTURE)
    ResponseEntity<Resource> picture(@PathVariable String id, @PathVariable String version, @PathVariable String name) {
        return orNothing(files.picture(live.site(), id, version, name));
    }

    @GetMapping(WINDOW + WHOLE)
    ResponseEntity<Resource> wholeInWindow(
            @PathVariable String token, @PathVariable String id, @PathVariable String name) {
        return orNothing(of(token).flatMap(site -> files.whole(site, id)));
    }

    @GetMapping(WINDOW + PICTURE)
    ResponseEntity<Resource> pictureInWindow(
            @PathVariable String token,
            @PathVariable String id,
            @PathVariable String version,
            @PathVariable String name) {
        return orNothing(of(token).flatMap(site -> files.picture(site, id, version, name)));
    }

    private Optional<Site> of(String token) {
        return windows.isOpen(token) ? Optional.of(workingCopy.state().site()) : Optional.empty();
    }

    private static ResponseEntity<Resource> orNothing(Optional<ResponseEntity<Resource>> answer) {
        return answer.orElseGet(() -> ResponseEntity.notFound().build());
    }
}
