package velnik.core.telling;

import java.util.Map;
import velnik.core.change.FileChange;
import velnik.core.explanation.Words;
import velnik.core.site.Site;

/** How changes of files are told. */
final class FileTelling {
    private FileTelling() {}

    static Telling of(FileChange change, Site before, Site after) {
        return switch (change) {
            case FileChange.AddFile add -> Telling.say("AddFile", Words.file(after, add.id()), 1);
            case FileChange.SetFile set ->
                set.name() == null
                        ? Telling.say(
                                "".equals(set.alternative()) ? "SetFile.decoration" : "SetFile.alternative",
                                Words.file(after, set.file()),
                                1)
                        : Telling.say(
                                "SetFile.name",
                                Map.of("old", Words.file(before, set.file()), "fresh", Words.file(after, set.file())));
            case FileChange.ReplaceFile replace -> Telling.say("ReplaceFile", Words.file(after, replace.file()), 1);
            case FileChange.RemoveFiles remove ->
                Telling.say(
                        "RemoveFiles",
                        Telling.some(
                                Words.file(before, remove.files().getFirst()),
                                remove.files().size()),
                        remove.files().size());
        };
    }
}
