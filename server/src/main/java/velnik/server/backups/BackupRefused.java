package velnik.server.backups;

import org.jspecify.annotations.Nullable;

/** A file is no backup that can be put back. Its message is for the person who tried. */
public final class BackupRefused extends Exception {
    BackupRefused(String sentence, @Nullable Throwable cause) {
        super(sentence, cause);
    }

    BackupRefused(String sentence) {
        this(sentence, null);
    }
}
