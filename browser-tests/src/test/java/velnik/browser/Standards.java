package velnik.browser;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Holds pages to the standards: HTML by a validator, structured data by the types of its vocabulary. */
final class Standards {
    private static final Path MODULES = Path.of(requireNonNull(System.getProperty("velnik.modules")));
    private static final Pattern STRUCTURED =
            Pattern.compile("<script type=\"application/ld\\+json\">(.*?)</script>", Pattern.DOTALL);

    private Standards() {}

    /** @param pages what was answered, by the address that was asked */
    static void areValid(Map<String, String> pages) {
        try {
            // Beside the modules, so that the vocabulary is found.
            Path folder = Files.createTempDirectory(
                    Files.createDirectories(MODULES.resolveSibling("target").resolve("standards")), "pages");
            List<Path> files = new ArrayList<>();
            for (Map.Entry<String, String> page : pages.entrySet()) {
                Path file = folder.resolve(files.size() + page.getKey().replaceAll("\\W+", "-") + ".html");
                files.add(Files.writeString(file, page.getValue()));
            }
            assertEquals(faults(files), "");
            assertEquals(strangers(folder, pages.values()), "");
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static String faults(List<Path> files) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-jar",
                MODULES.resolve("vnu-jar/build/dist/vnu.jar").toString(),
                "--stdout",
                "--format",
                "gnu"));
        files.forEach(file -> command.add(file.toString()));
        // What it has to say beside faults and warnings is about how tags are closed; and it does not know yet that a
        // page may expect a part of its own before it is drawn, which the HTML standard has had since 2024.
        return said(command)
                .lines()
                .filter(line -> !line.contains(": info: Trailing slash on void elements"))
                .filter(line -> !line.contains("“blocking” attribute must have a “rel” attribute"))
                .collect(joining("\n"));
    }

    /** Types and properties that the vocabulary does not know. */
    private static String strangers(Path folder, Iterable<String> pages) throws IOException, InterruptedException {
        StringBuilder structured = new StringBuilder("import type { Graph } from \"schema-dts\";\n");
        int found = 0;
        for (String page : pages) {
            for (MatchResult each : STRUCTURED.matcher(page).results().toList()) {
                structured.append("export const a%d: Graph = %s;\n".formatted(found++, each.group(1)));
            }
        }
        assertTrue(found > 0, "some pages have structured data");
        Path file = Files.writeString(folder.resolve("structured.ts"), structured);
        return said(Stream.of(
                        MODULES.resolve(".bin/tsc").toString(),
                        "--noEmit",
                        "--strict",
                        "--skipLibCheck",
                        "--ignoreConfig",
                        "--module",
                        "preserve",
                        "--moduleResolution",
                        "bundler",
                        file.toString())
                .toList());
    }

    private static String said(List<String> command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        boolean well = process.waitFor() == 0;
        assertTrue(well || !said.isBlank(), Arrays.toString(command.toArray()) + " failed without a word");
        return said.strip();
    }
}
