package velnik.server.editing;

import java.lang.ref.SoftReference;
import java.util.List;
import org.springframework.stereotype.Component;
import velnik.core.importing.FileFormat;
import velnik.core.importing.FileRead;
import velnik.core.importing.SourceFile;

/** Remembers what was read last, since the same files come again once the dry run has been seen; memory may take it. */
@Component
class LastRead {
    private record Reading(List<SourceFile> files, FileRead read) {}

    private volatile SoftReference<Reading> last = new SoftReference<>(null);

    FileRead of(List<SourceFile> files) {
        Reading known = last.get();
        if (known != null && known.files().equals(files)) {
            return known.read();
        }
        FileRead read = FileFormat.read(files);
        last = new SoftReference<>(new Reading(files, read));
        return read;
    }
}
