package velnik.core.telling;

import java.util.List;
import java.util.Map;
import velnik.core.compare.Difference;
import velnik.core.compare.KeyedDifference;
import velnik.core.site.FileId;
import velnik.core.site.SiteFile;

/** What waits of files. */
final class WaitingFiles {
    private WaitingFiles() {}

    static List<Waiting.Entry> of(Difference difference) {
        return difference.files().stream()
                .map(file -> new Waiting.Entry(null, () -> sentence(file)))
                .toList();
    }

    private static String sentence(KeyedDifference<FileId, SiteFile> file) {
        String name = file.after().or(file::before).orElseThrow().name();
        return Waiting.WORDS.say(kind(file), Map.of("name", name));
    }

    private static String kind(KeyedDifference<FileId, SiteFile> file) {
        if (file.before().isEmpty()) {
            return "file.new";
        }
        if (file.after().isEmpty()) {
            return "file.goes";
        }
        return file.before().get().content().equals(file.after().get().content()) ? "file.said" : "file.replaced";
    }
}
