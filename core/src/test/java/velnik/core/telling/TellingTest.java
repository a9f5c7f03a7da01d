package velnik.core.telling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import velnik.core.compare.DetailsFields;
import velnik.core.compare.Field;
import velnik.core.compare.PageFields;
import velnik.core.site.Details;
import velnik.core.site.Page;

public class TellingTest {
    private static final Pattern KEY =
            Pattern.compile("\"((?:[A-Z]\\w+|place|into)(?:\\.\\w+)*|some|together|after)\"");

    /** All that the room may say has words, and no words are left over. */
    @Test
    public void keysInTheRoom_areThoseThatHaveWords() throws IOException {
        Set<String> said = new TreeSet<>();
        try (Stream<Path> sources = Files.list(Path.of("src/main/java/velnik/core/telling"))) {
            for (Path source : sources.filter(file -> file.toString().endsWith("Telling.java"))
                    .toList()) {
                said.addAll(KEY.matcher(Files.readString(source))
                        .results()
                        .map(found -> found.group(1))
                        .collect(Collectors.toSet()));
            }
        }
        said.removeAll(Set.of("What", "Zone", "List")); // facts as a sentence begins
        Set<String> worded = Telling.WORDS.keys().stream()
                .map(key -> key.replaceAll("\\.title$", ""))
                .collect(Collectors.toCollection(TreeSet::new));
        assertEquals(said, worded);
    }

    @Test
    public void everyTitle_hasItsSentence() {
        for (String key : Telling.WORDS.keys()) {
            if (key.endsWith(".title")) {
                assertTrue(Telling.WORDS.keys().contains(key.replaceAll("\\.title$", "")), key);
            }
        }
    }

    /** A field that is added has words here, or is said to need none. */
    @Test
    public void everyField_hasWordsForWaiting() {
        for (Field<Page> field : PageFields.ALL) {
            assertTrue(Waiting.WORDS.keys().contains("field." + field.name()), field.name());
        }
        for (Field<Details> field : DetailsFields.ALL) {
            assertTrue(Waiting.WORDS.keys().contains("site." + field.name()), field.name());
        }
    }
}
