package velnik.browser;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/**
 * What Lighthouse says of pages in each look, on a desk and on a phone: 95 of 100 or more in each of its categories. Runs
 * only when asked for by name, since it takes its time; prints all it says.
 */
public class LighthouseChecks extends LookTest {
    private static final int LEAST = 95;
    private static final Path TOOL =
            Path.of(requireNonNull(System.getProperty("velnik.modules"))).resolveSibling("tools/lighthouse/check.mjs");
    private static final Pattern SCORE = Pattern.compile("\"([a-z-]+)\":(\\d+)");

    @Test(dataProvider = "looks")
    public void everyCategory_isNearlyFull(String look) throws IOException, InterruptedException {
        wears(look);
        List<String> command = new ArrayList<>(List.of("node", TOOL.toString(), Browsers.CHROMIUM.toString()));
        Stream.of("/", "/repairs/engines", "/hire/group-bookings")
                .map(velnik::url)
                .forEach(command::add);
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        List<String> said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
                .lines()
                .toList();
        assertEquals(process.waitFor(), 0);
        said.forEach(line -> System.out.println(look + " " + line));
        assertEquals(said.size(), 6);
        assertEquals(said.stream().filter(line -> least(line) < LEAST).toList(), List.of(), look);
    }

    /** The score of its worst category. */
    private static int least(String line) {
        List<MatchResult> scores = SCORE.matcher(line).results().toList();
        assertEquals(scores.size(), 4, line);
        return scores.stream()
                .mapToInt(score -> Integer.parseInt(score.group(2)))
                .min()
                .orElseThrow();
    }
}
