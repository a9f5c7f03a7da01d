package velnik.server.files;

import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Service;
import velnik.core.address.FileAddresses;
import velnik.core.site.FileContent;
import velnik.core.site.FileId;
import velnik.core.site.FileType;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.server.calls.Policy;

/** Answers for the files of a site, be it the live one or the working copy. */
@Service
public class ServedFiles {
    /** A drawing may bring its own styles, and nothing else; opened by itself it is nobody's page. */
    private static final String POLICY = "default-src 'none'; style-src 'unsafe-inline'; sandbox";

    private final FileFolder folder;

    ServedFiles(FileFolder folder) {
        this.folder = folder;
    }

    /** The whole file at its lasting address; asked for each time, since it may be replaced. Empty for none. */
    public Optional<ResponseEntity<Resource>> whole(Site site, String id) {
        return file(site, id).flatMap(file -> answer(file, file.content().width(), CacheControl.noCache()));
    }

    /**
     * A picture in one of its widths.
     *
     * @param version names the content, as in {@link FileAddresses#of(SiteFile, int)}
     * @param name as in the address, such as {@code 960.jpg}
     */
    public Optional<ResponseEntity<Resource>> picture(Site site, String id, String version, String name) {
        return file(site, id)
                .filter(file -> file.content().hash().brief().equals(version))
                .flatMap(file -> width(file.content(), name)
                        .flatMap(width -> answer(
                                file,
                                width,
                                CacheControl.maxAge(Duration.ofDays(365)).immutable())));
    }

    /** Where a content lies, in one of its widths; empty where it does not. */
    public Optional<Path> content(SiteFile file, int width) {
        return folder.find(file.content(), width);
    }

    private static Optional<SiteFile> file(Site site, String id) {
        return FileId.of(id).flatMap(site::findFile);
    }

    private static Optional<Integer> width(FileContent content, String name) {
        return content.widths().stream()
                .filter(width -> FileFolder.name(content, width).equals(name))
                .findFirst();
    }

    private Optional<ResponseEntity<Resource>> answer(SiteFile file, int width, CacheControl cache) {
        FileContent content = file.content();
        return folder.find(content, width)
                .map(path -> ResponseEntity.ok()
                        .contentType(MediaType.parseMediaType(content.type().mediaType()))
                        .cacheControl(cache)
                        .eTag('"' + content.hash().brief() + "-" + width + '"')
                        .header(Policy.HEADER, content.type() == FileType.PDF ? "default-src 'none'" : POLICY)
                        .header(HttpHeaders.CONTENT_DISPOSITION, disposition(file))
                        .body(resource(path)));
    }

    private static Resource resource(Path path) {
        return new FileSystemResource(path);
    }

    /** What browsers show is shown; what an office program opens is saved, under the name that it has. */
    private static String disposition(SiteFile file) {
        boolean shown = file.content().isPicture() || file.content().type() == FileType.PDF;
        String name = FileAddresses.nameOf(file);
        return (shown ? ContentDisposition.inline() : ContentDisposition.attachment())
                .filename(name)
                .build()
                .toString();
    }
}
