package velnik.server.backups;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import velnik.server.storage.CopiedDatabase;

/**
 * What a backup says of itself, as {@code backup.json} in it.
 *
 * @param form of the backup's file; {@link #FORM} for those that this Velnik makes
 * @param stored the form of what is stored in the database
 * @param made when
 * @param business its name
 * @param revision of the newest edit that is in it
 * @param pages how many there are, built-in ones too
 * @param parts all files in it that are put back
 */
record Manifest(int form, int stored, Instant made, String business, long revision, int pages, List<Part> parts) {
    static final int FORM = 1;

    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern(
                    "d MMMM uuuu, HH:mm 'UTC'", Locale.ENGLISH)
            .withZone(ZoneOffset.UTC);

    /**
     * One file.
     *
     * @param name its path in the data folder, with slashes
     * @param bytes its size
     * @param sha256 of its content, in hexadecimal
     */
    record Part(String name, long bytes, String sha256) {}

    Manifest {
        parts = List.copyOf(parts);
    }

    static Manifest of(CopiedDatabase database, Instant made, List<Part> parts) {
        return new Manifest(
                FORM, CopiedDatabase.FORM, made, database.business(), database.revision(), database.pages(), parts);
    }

    /** A moment as people read it, where nothing is known of where they are. */
    static String said(Instant moment) {
        return SAID.format(moment);
    }

    boolean isNewer() {
        return form > FORM || stored > CopiedDatabase.FORM;
    }

    long bytes() {
        return parts.stream().mapToLong(Part::bytes).sum();
    }
}
