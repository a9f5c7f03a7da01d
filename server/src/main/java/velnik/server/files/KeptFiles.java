package velnik.server.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.concurrent.locks.ReadWriteLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import org.springframework.stereotype.Service;
import velnik.core.site.SiteFile;
import velnik.server.storage.FileNames;

/** Lets the contents of files go that nothing names any more, but for those that somebody copies. */
@Service
public class KeptFiles {
    private final ReadWriteLock lock = new ReentrantReadWriteLock();
    private final FileFolder folder;
    private final FileNames names;

    KeptFiles(FileFolder folder, FileNames names) {
        this.folder = folder;
        this.names = names;
    }

    /** What is done with files and with the names that stand for them. */
    @FunctionalInterface
    public interface Copying {
        void run() throws IOException;
    }

    /** Does something during which no content goes. */
    public void whileKept(Copying copying) throws IOException {
        lock.readLock().lock();
        try {
            copying.run();
        } finally {
            lock.readLock().unlock();
        }
    }

    /** Whether what a file holds is here. */
    public boolean has(SiteFile file) {
        return folder.has(file.content().hash());
    }

    /** Nothing may be taken in meanwhile. Where contents are being copied, they stay until the next time. */
    public void tidy() {
        if (!lock.writeLock().tryLock()) {
            return;
        }
        try {
            folder.tidy(names.named());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        } finally {
            lock.writeLock().unlock();
        }
    }
}
