package velnik.server.backups;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import velnik.server.calls.ProblemException;

/** Backups for the owner: those there are, a fresh one, and any of them as a file to save. */
@RestController
@RequestMapping("/-/api/backups")
class BackupsController {
    private final Backups backups;

    BackupsController(Backups backups) {
        this.backups = backups;
    }

    /**
     * All that is known of backups.
     *
     * @param folder where they lie on the machine
     * @param failure why the last night's was not taken; empty where it was
     * @param kept the newest first
     */
    record BackupsDto(String folder, String failure, List<BackupDto> kept) {}

    /**
     * A backup.
     *
     * @param at when it was taken
     * @param bytes its size
     */
    record BackupDto(String name, Instant at, long bytes) {
        static BackupDto of(Backups.Kept kept) {
            return new BackupDto(kept.name(), kept.at(), kept.bytes());
        }
    }

    @GetMapping
    BackupsDto all() {
        return new BackupsDto(
                backups.folder().toString(),
                backups.failure(),
                backups.all().stream().map(BackupDto::of).toList());
    }

    /** Takes one now; it lies in the folder then, as those of the nights do. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BackupDto take() {
        return BackupDto.of(backups.take());
    }

    @GetMapping("/{name}")
    ResponseEntity<Resource> file(@PathVariable String name) {
        Path file = backups.find(name)
                .orElseThrow(() ->
                        new ProblemException(HttpStatus.NOT_FOUND, "not-there", "That backup is no longer there."));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(new FileSystemResource(file));
    }
}
