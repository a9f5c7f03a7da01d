package velnik.server.commands;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.boot.logging.LoggingSystem;
import org.springframework.context.ConfigurableApplicationContext;
import velnik.server.backups.BackupRefused;
import velnik.server.backups.Backups;
import velnik.server.backups.Restoring;
import velnik.server.backups.Restoring.Restored;
import velnik.server.settings.DataFolder;

/** Backup, restore and export. Each says in a sentence what it did, or why it did not. */
public final class Commands {
    private static final String USAGE = """
            backup FILE                 save everything in one file
            restore FILE                put back what a backup holds
            export FORMAT FILE [MENU]   save part of it in an open format: %s""";

    private static final Map<String, String> FORMATS = new TreeMap<>(Map.of(
            "pages-csv", "csv?of=PAGES",
            "items-csv", "csv?of=ITEMS",
            "zones-csv", "csv?of=ASSIGNMENTS",
            "forwards-csv", "csv?of=FORWARDS",
            "nginx", "rules?for=NGINX",
            "apache", "rules?for=APACHE",
            "json", "json",
            "static", "static",
            "opml", "opml",
            "markdown", "markdown"));

    private Commands() {}

    /** Something a command cannot do. Its message is for the person who gave it. */
    static final class Refused extends Exception {
        Refused(String sentence) {
            super(sentence);
        }
    }

    public static boolean isOne(String word) {
        return List.of("backup", "restore", "export", "learn").contains(word);
    }

    /**
     * Does what a command says.
     *
     * @param start starts Velnik with these arguments, for a command that needs more than the files
     * @return 0 when it was done, 2 when not
     */
    public static int run(List<String> words, Function<String[], ConfigurableApplicationContext> start) {
        LoggingSystem.get(Commands.class.getClassLoader()).beforeInitialize(); // only the sentences are to be read
        try {
            System.out.println(done(words, start));
            return 0;
        } catch (Refused | BackupRefused | DataFolder.Unusable refused) {
            System.err.println(refused.getMessage() + " Nothing was changed.");
        } catch (IOException failed) {
            System.err.println("It was not done: " + failed.getMessage());
        }
        return 2;
    }

    private static String done(List<String> words, Function<String[], ConfigurableApplicationContext> start)
            throws Refused, BackupRefused, IOException {
        Path data = DataFolder.named();
        String usage = USAGE.formatted(String.join(", ", FORMATS.keySet()));
        return switch (words.getFirst()) {
            case "backup" -> backup(data, target(words, 1, 2, usage));
            case "restore" -> restore(data, Path.of(word(words, 1, 2, usage)).toAbsolutePath());
            case "learn" -> learn(start);
            default -> export(data, words, target(words, 2, 4, usage), usage, start);
        };
    }

    private static String word(List<String> words, int place, int most, String usage) throws Refused {
        if (words.size() <= place || words.size() > most) {
            throw new Refused("The commands are:\n" + usage + "\n");
        }
        return words.get(place);
    }

    private static Path target(List<String> words, int place, int most, String usage) throws Refused {
        Path target = Path.of(word(words, place, most, usage)).toAbsolutePath();
        if (Files.exists(target)) {
            throw new Refused(target + " is there already. Choose another name.");
        }
        if (!Files.isDirectory(target.resolveSibling(""))) {
            throw new Refused("There is no folder " + target.resolveSibling("") + ".");
        }
        return target;
    }

    private static String backup(Path data, Path target) throws Refused, IOException {
        if (!Files.exists(DataFolder.databaseIn(data))) {
            throw new Refused("There is nothing in " + data + " yet.");
        }
        RunningServer running = RunningServer.on(data);
        if (running.answers()) {
            running.saves(running.made("/-/api/backups"), target);
        } else {
            DataFolder.lock(data);
            Restoring.finish(data);
            Backups.takeOffline(data, target, Instant.now());
        }
        return "Saved in " + target + " (" + Files.size(target) / 1000 + " kB).";
    }

    private static String restore(Path data, Path file) throws Refused, BackupRefused, IOException {
        if (!Files.isRegularFile(file)) {
            throw new Refused("There is no file " + file + ".");
        }
        DataFolder.lock(data);
        Restoring.finish(data);
        Restored restored = Restoring.restore(data, file, Instant.now());
        return "Restored into " + data + ": " + restored.held() + "."
                + (Files.isDirectory(restored.before())
                        ? "\nWhat was there before is in " + restored.before() + "; remove it once all is well."
                        : "");
    }

    private static String export(
            Path data,
            List<String> words,
            Path target,
            String usage,
            Function<String[], ConfigurableApplicationContext> start)
            throws Refused, IOException {
        String format = FORMATS.get(words.get(1));
        if (format == null || (words.size() > 3 && !List.of("opml", "markdown").contains(format))) {
            throw new Refused("The commands are:\n" + usage + "\n");
        }
        if (!Files.exists(DataFolder.databaseIn(data))) {
            throw new Refused("There is nothing in " + data + " yet.");
        }
        String path =
                "/-/api/exports/" + format + (words.size() > 3 ? "?menu=" + RunningServer.encoded(words.get(3)) : "");
        RunningServer running = RunningServer.on(data);
        if (running.answers()) {
            running.saves(path, target);
        } else {
            try (ConfigurableApplicationContext own = start.apply(quietly())) {
                RunningServer.on(data).saves(path, target);
            }
        }
        return "Saved in " + target + ".";
    }

    /** For the script that starts Velnik, and not for people. */
    private static String learn(Function<String[], ConfigurableApplicationContext> start) throws Refused, IOException {
        TrainingRun.run(start);
        return "Learned.";
    }

    /** Arguments for a start beside others, of which nothing is to be read. */
    static String[] quietly(String... more) {
        return Stream.concat(
                        Stream.of(
                                "--server.port=0",
                                "--management.server.port=0",
                                "--logging.level.root=error",
                                "--logging.level.velnik=error"),
                        Stream.of(more))
                .toArray(String[]::new);
    }
}
