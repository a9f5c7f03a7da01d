package velnik.server.storage;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.h2.store.fs.FileBaseDefault;
import org.h2.store.fs.FilePathWrapper;

/**
 * A file layer under the database that knows what a power failure would leave: only what was forced. Beside each file it
 * keeps a copy as it was at the last force.
 */
public final class ForcedOnlyFiles extends FilePathWrapper {
    static final String SCHEME = "forced";
    private static final String FORCED = ".forced";

    @Override
    public String getScheme() {
        return SCHEME;
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        Path file = Path.of(getBase().toString());
        return new Forcing(getBase().open(mode), file);
    }

    /** What would be there after a power failure. */
    static void keepOnlyWhatWasForced(Path folder, Path into) throws IOException {
        Files.createDirectories(into);
        try (var files = Files.list(folder)) {
            for (Path file :
                    files.filter(path -> path.toString().endsWith(FORCED)).toList()) {
                String name = file.getFileName().toString();
                Files.copy(file, into.resolve(name.substring(0, name.length() - FORCED.length())));
            }
        }
    }

    private static final class Forcing extends FileBaseDefault {
        private final FileChannel file;
        private final Path path;

        Forcing(FileChannel file, Path path) {
            this.file = file;
            this.path = path;
        }

        @Override
        public void force(boolean metaData) throws IOException {
            file.force(metaData);
            Files.copy(path, Path.of(path + FORCED), StandardCopyOption.REPLACE_EXISTING);
        }

        @Override
        public synchronized int read(ByteBuffer into, long position) throws IOException {
            return file.read(into, position);
        }

        @Override
        public synchronized int write(ByteBuffer from, long position) throws IOException {
            return file.write(from, position);
        }

        @Override
        public long size() throws IOException {
            return file.size();
        }

        @Override
        protected void implTruncate(long size) throws IOException {
            file.truncate(size);
        }

        @Override
        public FileLock tryLock(long position, long size, boolean shared) throws IOException {
            return file.tryLock(position, size, shared);
        }

        @Override
        protected void implCloseChannel() throws IOException {
            file.close();
        }
    }
}
