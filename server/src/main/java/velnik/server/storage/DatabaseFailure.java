package velnik.server.storage;

import java.sql.SQLException;

/** Tells whether something failed because the database did. */
public final class DatabaseFailure {
    private DatabaseFailure() {}

    public static boolean is(Throwable failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException) {
                return true;
            }
        }
        return false;
    }
}
