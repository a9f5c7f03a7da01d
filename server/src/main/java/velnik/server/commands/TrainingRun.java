package velnik.server.commands;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.util.FileSystemUtils;
import tools.jackson.databind.json.JsonMapper;

/**
 * A first hour with Velnik on data that are thrown away: visits, edits, reading in, taking away. Whoever runs it records
 * what Java learns of the program, so that every later start begins with that.
 */
final class TrainingRun {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Pattern LISTED = Pattern.compile("<loc>https?://[^/<]+([^<]*)</loc>");

    private static final List<String> SCREENS = List.of(
            "/-/api/findings",
            "/-/api/placings",
            "/-/api/waiting",
            "/-/api/menus",
            "/-/api/pages/home/card",
            "/-/api/zones?page=home");

    /** Enough of each for the methods that matter to be compiled. */
    private static final int VISITS = 5;

    private static final int EDITS = 40;
    private static final int MANY_ROWS = 8_000;
    private static final int SOME_ROWS = 400;

    private final RunningServer server;

    private TrainingRun(RunningServer server) {
        this.server = server;
    }

    /** @param start starts Velnik with these arguments */
    static void run(Function<String[], ConfigurableApplicationContext> start) throws Commands.Refused, IOException {
        Path data = Files.createTempDirectory("velnik-training");
        String[] ofItsOwn = Commands.quietly(
                "--velnik.demo=true",
                "--velnik.data=" + data,
                "--velnik.backups=",
                "--velnik.visitor-host=",
                "--velnik.mail.host=");
        try (ConfigurableApplicationContext own = start.apply(ofItsOwn)) {
            new TrainingRun(RunningServer.on(data)).hour();
        } finally {
            FileSystemUtils.deleteRecursively(data);
        }
    }

    private void hour() throws Commands.Refused, IOException {
        List<String> addresses = LISTED.matcher(new String(asked("/sitemap.xml"), StandardCharsets.UTF_8))
                .results()
                .map(found -> found.group(1))
                .toList();
        for (int visit = 0; visit < VISITS; visit++) {
            for (String address : addresses) {
                asked(address);
            }
        }
        for (int edit = 0; edit < EDITS; edit++) {
            Map<String, String> change = Map.of("kind", "retitlePage", "page", "home", "title", "Home " + edit);
            sent("/-/api/changes", "basedOn", revision(), "changes", List.of(change));
            for (String screen : SCREENS) {
                asked(screen);
            }
        }
        readIn(MANY_ROWS);
        sent("/-/api/undo");
        readIn(SOME_ROWS); // each is on the page of every other
        sent("/-/api/releases", "basedOn", revision(), "note", "");
        asked("/-/api/exports/static");
        asked("/-/api/exports/static");
    }

    private void readIn(int rows) throws Commands.Refused, IOException {
        String table = IntStream.range(0, rows)
                .mapToObj(row -> "Page %d,/part-%d/page-%d,Summary of page %d".formatted(row, row / 100, row, row))
                .collect(Collectors.joining("\n", "title,address,summary\n", "\n"));
        Map<String, String> file = Map.of(
                "name",
                "pages.csv",
                "content",
                Base64.getEncoder().encodeToString(table.getBytes(StandardCharsets.UTF_8)));
        Map<String, Object> choices = Map.of("where", "PAGES", "matching", "ADDRESS", "without", List.of());
        for (boolean dryRun : new boolean[] {true, false}) {
            sent(
                    "/-/api/imports/files?dryRun=" + dryRun,
                    "basedOn",
                    revision(),
                    "files",
                    List.of(file),
                    "choices",
                    choices);
        }
    }

    private int revision() throws Commands.Refused, IOException {
        return JSON.readTree(asked("/-/api/working-copy")).required("revision").asInt();
    }

    private byte[] asked(String path) throws Commands.Refused, IOException {
        return server.answer("GET", path, "");
    }

    /** @param content names and values by turns */
    private void sent(String path, Object... content) throws Commands.Refused, IOException {
        Map<String, Object> body =
                new HashMap<>(Map.of("request", UUID.randomUUID().toString()));
        for (int at = 0; at < content.length; at += 2) {
            body.put((String) content[at], content[at + 1]);
        }
        server.answer("POST", path, JSON.writeValueAsString(body));
    }
}
