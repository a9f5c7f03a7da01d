package velnik.server.commands;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
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
            backup FILE                       save everything in one file
            restore FILE                      put back what a backup holds
            export FORMAT FILE [MENU | ZONE]  save part of it in an open format: %s""".formatted(String.join(", ", ExportFormat.ALL.keySet()));

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
        return switch (words.getFirst()) {
            case "backup" -> backup(data, target(words, 1, 2));
            case "restore" -> restore(data, Path.of(word(words, 1, 2)).toAbsolutePath());
            case "learn" -> learn(start);
            default -> export(data, words, target(words, 2, 4), start);
        };
    }

    private static String word(List<String> words, int place, int most) throws Refused {
        if (words.size() <= place || words.size() > most) {
            throw new Refused("The commands are:\n" + USAGE + "\n");
        }
        return words.get(place);
    }

    private static Path target(List<String> words, int place, int most) throws Refused {
        Path target = Path.of(word(words, place, most)).toAbsolutePath();
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
            Path data, List<String> words, Path target, Function<String[], ConfigurableApplicationContext> start)
            throws Refused, IOException {
        String path = ExportFormat.named(words.get(1)).path(words.subList(3, words.size()));
        if (!Files.exists(DataFolder.databaseIn(data))) {
            throw new Refused("There is nothing in " + data + " yet.");
        }
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
