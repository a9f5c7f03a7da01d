package velnik.server.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.stereotype.Service;
import velnik.server.storage.FileNames;

/** Lets the contents of files go that nothing names any more. */
@Service
public class KeptFiles {
    private final FileFolder folder;
    private final FileNames names;

    KeptFiles(FileFolder folder, FileNames names) {
        this.folder = folder;
        this.names = names;
    }

    /** Nothing may be taken in meanwhile. */
    public void tidy() {
        try {
            folder.tidy(names.named());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
