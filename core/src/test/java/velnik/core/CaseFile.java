package velnik.core;

import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * Cases that these tests make and the editor's tests read. They are committed, so that the editor's tests run alone, and
 * held here to what the core says now; {@code -Dvelnik.writeCases=true} writes them anew.
 */
public final class CaseFile {
    private static final Path FOLDER = Path.of("../web/cases");

    private CaseFile() {}

    public static void holds(String name, String cases) throws IOException {
        Path file = FOLDER.resolve(name);
        if (Boolean.getBoolean("velnik.writeCases")) {
            Files.createDirectories(FOLDER);
            Files.writeString(file, cases);
        }
        assertTrue(Files.exists(file) && Files.readString(file).equals(cases), file + " is not what the core says now");
    }
}
