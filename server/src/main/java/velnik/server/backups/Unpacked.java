package velnik.server.backups;

import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.util.Collections;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;
import velnik.server.storage.CopiedDatabase;

/** Reads backups, which may have been damaged or made up: nothing is believed that was not checked. */
final class Unpacked {
    private static final Pattern CONTENT =
            Pattern.compile("files/([0-9a-f]{2})/\\1[0-9a-f]{62}/[0-9a-z]{1,20}\\.[0-9a-z]{1,10}");

    /** Bytes of a manifest: a hundred thousand files have less. */
    private static final int LONGEST_MANIFEST = 32_000_000;

    private Unpacked() {}

    static boolean isContent(String name) {
        return CONTENT.matcher(name).matches();
    }

    /**
     * Unpacks a backup into an empty folder, and opens the database in it.
     *
     * @return what the backup holds
     * @throws BackupRefused where it is none, is damaged, or was made by a newer Velnik; the folder may hold part of it
     * @throws IOException where the folder cannot be written
     */
    static Manifest into(Path folder, Path file) throws BackupRefused, IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            Manifest manifest = manifest(zip);
            checkNames(zip, manifest);
            if (manifest.bytes() > Files.getFileStore(folder).getUsableSpace()) {
                throw new BackupRefused("There is not room enough on the disk: the backup unfolds to %,d MB."
                        .formatted(manifest.bytes() / 1_000_000));
            }
            Files.createDirectories(folder.resolve(BackupFile.FILES));
            for (Manifest.Part part : manifest.parts()) {
                unpack(zip, part, folder.resolve(part.name()));
            }
            CopiedDatabase database = opened(folder);
            if (database.newer()) {
                throw newer(manifest);
            }
            return manifest;
        } catch (ZipException none) {
            throw new BackupRefused("This file is no backup of Velnik, or was cut off: it is no whole ZIP file.", none);
        }
    }

    private static CopiedDatabase opened(Path folder) throws BackupRefused {
        try {
            return CopiedDatabase.opened(folder);
        } catch (IOException damaged) {
            throw new BackupRefused("The database in the backup cannot be opened.", damaged);
        }
    }

    private static BackupRefused newer(Manifest manifest) {
        return new BackupRefused("This backup of " + manifest.business()
                + " was made by a newer Velnik. Restore it with that one, or a newer one.");
    }

    private static Manifest manifest(ZipFile zip) throws BackupRefused, IOException {
        ZipEntry entry = zip.getEntry(BackupFile.MANIFEST);
        if (entry == null) {
            throw new BackupRefused("This file is no backup of Velnik: there is no " + BackupFile.MANIFEST + " in it.");
        }
        try (InputStream content = zip.getInputStream(entry)) {
            byte[] bytes = content.readNBytes(LONGEST_MANIFEST);
            Manifest manifest = BackupFile.JSON.readValue(bytes, Manifest.class);
            if (manifest.isNewer()) {
                throw newer(manifest);
            }
            return manifest;
        } catch (JacksonException | NullPointerException | ZipException | EOFException damaged) {
            throw new BackupRefused("The list of what is in the backup cannot be read; it is damaged.", damaged);
        }
    }

    /** Each name once, of a database or of a content, and all of them in the file. */
    private static void checkNames(ZipFile zip, Manifest manifest) throws BackupRefused {
        Set<String> names = new HashSet<>();
        for (Manifest.Part part : manifest.parts()) {
            String name = part.name();
            if (!name.equals(BackupFile.DATABASE) && !isContent(name) || part.bytes() < 0 || !names.add(name)) {
                throw new BackupRefused("The backup is not one that Velnik made: it lists “" + shortened(name) + "”.");
            }
            if (zip.getEntry(name) == null) {
                throw new BackupRefused("The backup is damaged: " + name + " is missing in it.");
            }
        }
        if (!names.contains(BackupFile.DATABASE)) {
            throw new BackupRefused("The backup is not one that Velnik made: there is no database in it.");
        }
        for (ZipEntry entry : Collections.list(zip.entries())) {
            String name = entry.getName();
            if (!names.remove(name) && !name.equals(BackupFile.MANIFEST) && !name.equals("README.txt")) {
                throw new BackupRefused(
                        "The backup is not one that Velnik made: there is “" + shortened(name) + "” in it.");
            }
        }
    }

    private static String shortened(String name) {
        return name.length() > 80 ? name.substring(0, 80) + "…" : name;
    }

    /** No more is read than the list says, whatever it unfolds to. */
    private static void unpack(ZipFile zip, Manifest.Part part, Path target) throws BackupRefused, IOException {
        Files.createDirectories(target.getParent());
        MessageDigest digest = BackupFile.sha256();
        long left = part.bytes();
        try (InputStream content = zip.getInputStream(zip.getEntry(part.name()));
                OutputStream out = new DigestOutputStream(Files.newOutputStream(target), digest)) {
            byte[] buffer = new byte[65_536];
            for (int read = content.read(buffer); read >= 0 && left >= 0; read = content.read(buffer)) {
                left -= read;
                if (left >= 0) {
                    out.write(buffer, 0, read);
                }
            }
        } catch (ZipException | EOFException damaged) {
            throw new BackupRefused("The backup is damaged: " + part.name() + " cannot be read.", damaged);
        }
        if (left != 0 || !HexFormat.of().formatHex(digest.digest()).equals(part.sha256())) {
            throw new BackupRefused("The backup is damaged: " + part.name() + " is not what was saved.");
        }
    }
}
