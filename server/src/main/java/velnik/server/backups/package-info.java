/**
 * Backups: a file that holds everything, taken while edits go on, by the night and when asked for, and put back by a
 * command. Begin with {@code BackupFile}.
 */
@NullMarked
package velnik.server.backups;

import org.jspecify.annotations.NullMarked;
