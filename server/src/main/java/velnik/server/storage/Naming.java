package velnik.server.storage;

import java.util.List;
import java.util.function.Consumer;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.hibernate.StatelessSession;

/** Everything that is written down and may name, by its hash, what is kept apart: texts, and contents of files. */
final class Naming {
    private static final List<String> WRITTEN = List.of(
            "select content from PageEntity",
            "select content from FileEntity",
            "select content from RemovalEntity",
            "select site from ReleaseEntity",
            "select changes from JournalEntity",
            "select difference from JournalEntity");

    private static final Pattern HASH = Pattern.compile("(?<![0-9a-f])[0-9a-f]{64}(?![0-9a-f])");

    private Naming() {}

    /** Every hash that stands anywhere, some more than once. Reads all of it, one row at a time. */
    static void each(StatelessSession session, Consumer<String> named) {
        for (String written : WRITTEN) {
            try (Stream<String> all =
                    session.createSelectionQuery(written, String.class).getResultStream()) {
                all.forEach(text ->
                        HASH.matcher(text).results().map(MatchResult::group).forEach(named));
            }
        }
    }
}
