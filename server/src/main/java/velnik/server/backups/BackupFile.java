package velnik.server.backups;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.json.JsonMapper;
import velnik.server.settings.DataFolder;
import velnik.server.storage.CopiedDatabase;

/**
 * Writes backups: a ZIP with the database, the contents of files, a text for whoever opens it years later, and a list of
 * all that with sums by which {@link Unpacked} knows it again.
 */
final class BackupFile {
    static final String MANIFEST = "backup.json";
    static final String FILES = "files";
    static final String DATABASE = "velnik.mv.db";
    static final JsonMapper JSON = JsonMapper.builder().build();

    private static final String README = """
            This is a backup of everything that Velnik keeps for %s, made %s.

            To put it back:   ./velnik restore THIS-FILE
            It goes into the folder that VELNIK_DATA names (data/ if it names none). What is there before is kept
            beside it.

            velnik.mv.db   an H2 database: pages, menus, texts, releases, the journal of edits, messages, accounts
            files/         pictures and other files, each in a folder named by the SHA-256 of what was uploaded
            backup.json    the size and the SHA-256 of each of these, and what this backup holds

            Passwords are in it as hashes only. Messages of visitors and names of members are in it as they are:
            keep it where nobody else reads it.
            """;

    private BackupFile() {}

    /**
     * Writes a backup.
     *
     * @param copied a folder with a copy of the database, which is made small
     * @param data the data folder, for the contents of files
     * @param out gets the whole file; stays open
     * @return what the backup says of itself
     * @throws IOException where the copy cannot be opened, or something cannot be read or written
     */
    static Manifest write(Path copied, Path data, Instant made, OutputStream out) throws IOException {
        CopiedDatabase database = CopiedDatabase.opened(copied);
        List<Manifest.Part> parts = new ArrayList<>();
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        zip.setLevel(Deflater.BEST_SPEED);
        text(zip, "README.txt", README.formatted(database.business(), Manifest.said(made)));
        parts.add(part(zip, DATABASE, DataFolder.databaseIn(copied)));
        zip.setLevel(Deflater.NO_COMPRESSION); // pictures are compressed as they are
        for (Path file : contents(data)) {
            parts.add(part(zip, data.relativize(file).toString().replace('\\', '/'), file));
        }
        Manifest manifest = Manifest.of(database, made, parts);
        zip.setLevel(Deflater.BEST_SPEED);
        text(zip, MANIFEST, JSON.writerWithDefaultPrettyPrinter().writeValueAsString(manifest));
        zip.finish();
        return manifest;
    }

    /** Not what is being taken in just now. */
    private static List<Path> contents(Path data) throws IOException {
        Path files = data.resolve(FILES);
        if (!Files.isDirectory(files)) {
            return List.of();
        }
        try (Stream<Path> all = Files.walk(files)) {
            return all.filter(Files::isRegularFile)
                    .filter(file ->
                            Unpacked.isContent(data.relativize(file).toString().replace('\\', '/')))
                    .sorted()
                    .toList();
        }
    }

    private static void text(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    private static Manifest.Part part(ZipOutputStream zip, String name, Path file) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        MessageDigest digest = sha256();
        long bytes;
        try (InputStream content = new DigestInputStream(Files.newInputStream(file), digest)) {
            bytes = content.transferTo(zip);
        }
        zip.closeEntry();
        return new Manifest.Part(name, bytes, HexFormat.of().formatHex(digest.digest()));
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
