package velnik.server.files;

import java.nio.file.Path;
import velnik.core.site.FileContent;

/**
 * A file that was taken in and is not kept yet.
 *
 * @param folder holds what will be kept, under the names it will have; goes when it is closed
 */
public record Incoming(Path folder, FileContent content) implements AutoCloseable {
    @Override
    public void close() {
        FileFolder.delete(folder);
    }
}
