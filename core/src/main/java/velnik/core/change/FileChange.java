package velnik.core.change;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.site.FileContent;
import velnik.core.site.FileId;

/** One edit of the files of a site. What they hold is kept before they name it. */
public sealed interface FileChange extends Change
        permits FileChange.AddFile, FileChange.SetFile, FileChange.ReplaceFile, FileChange.RemoveFiles {

    /** @param name as it was called where it came from, without its ending */
    record AddFile(FileId id, String name, FileContent content) implements FileChange {}

    /**
     * What is null stays as it is.
     *
     * @param alternative what a picture shows; empty where it is decoration alone
     */
    record SetFile(
            FileId file, @Nullable String name, @Nullable String alternative) implements FileChange {}

    /** Everything that names the file shows the new content; its address stays. */
    record ReplaceFile(FileId file, FileContent content) implements FileChange {}

    /** What names them names nothing any more, until they are back. */
    record RemoveFiles(List<FileId> files) implements FileChange {
        public RemoveFiles {
            files = List.copyOf(files);
        }
    }
}
