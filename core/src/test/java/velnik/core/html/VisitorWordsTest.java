package velnik.core.html;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import velnik.core.site.Zone;
import velnik.core.text.Messages;

public class VisitorWordsTest {
    private static final Pattern SAID =
            Pattern.compile("say\\(\\s*(?:[^\"()]*\\? |pages \\? )?\"([\\w.]+)\"(?: : \"([\\w.]+)\")?");

    private final Messages words = VisitorWords.in("en");

    /** All that templates, views and the door for members say has words, and no words are left over. */
    @Test
    public void keysThatAreSaid_areThoseThatHaveWords() throws IOException {
        Set<String> said = new TreeSet<>();
        for (String place : new String[] {
            "src/main/jte",
            "src/main/java/velnik/core/html",
            "../server/src/main/java/velnik/server/visiting/MemberController.java"
        }) {
            try (Stream<Path> files = Files.walk(Path.of(place)).filter(Files::isRegularFile)) {
                for (Path file : files.toList()) {
                    SAID.matcher(Files.readString(file).replace("found.count() > results.size()", "more"))
                            .results()
                            .forEach(found -> {
                                said.add(found.group(1));
                                if (found.group(2) != null) {
                                    said.add(found.group(2));
                                }
                            });
                }
            }
        }
        said.remove("zone.");
        for (Zone zone : Zone.values()) {
            said.add("zone." + zone.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        }
        assertEquals(said, new TreeSet<>(words.keys()));
    }

    @Test
    public void languageWithoutWords_isSaidInEnglish_butCountsItsOwnWay() {
        Messages polish = VisitorWords.in("pl");
        assertEquals(polish.language(), "pl");
        assertEquals(polish.say("menu"), "Menu");
        assertEquals(words.say("pages", Map.of("count", 1_200)), "1,200 pages");
    }
}
