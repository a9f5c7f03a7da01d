package velnik.server.editing;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.FileChange;
import velnik.core.site.FileId;
import velnik.core.site.PageId;

/** A change of what is said of files, and which pages show them; files themselves come by calls of their own. */
sealed interface FileChangeDto extends ChangeDto
        permits FileChangeDto.SetFile, FileChangeDto.RemoveFiles, FileChangeDto.SetPicture {

    /**
     * What is left out stays as it is.
     *
     * @param alternative what a picture shows; empty where it is decoration alone
     */
    record SetFile(
            @NotNull String file,
            @Nullable String name,
            @Nullable String alternative) implements FileChangeDto {
        @Override
        public Change change() {
            return new FileChange.SetFile(new FileId(file), name, alternative);
        }
    }

    record RemoveFiles(@NotNull List<String> files) implements FileChangeDto {
        @Override
        public Change change() {
            return new FileChange.RemoveFiles(files.stream().map(FileId::new).toList());
        }
    }

    /** @param picture names one among the files; null for none */
    record SetPicture(@NotNull List<String> pages, @Nullable String picture) implements FileChangeDto {
        @Override
        public Change change() {
            return new Change.SetPicture(
                    pages.stream().map(PageId::new).toList(), picture == null ? null : new FileId(picture));
        }
    }
}
