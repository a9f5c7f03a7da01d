package velnik.core.html;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.enquiry.Enquiry;
import velnik.core.reach.Days;
import velnik.core.site.Zone;
import velnik.core.text.Messages;

public class VisitorWordsTest {
    private static final Pattern SAID =
            Pattern.compile("(?:say|counted)\\(\\s*(?:[^\"]*?\\? )?\"([\\w.]+)\"(?: : \"([\\w.]+)\")?");

    private final Messages words = VisitorWords.in("en");

    /** All that templates, views and the door for members say has words, and no words are left over. */
    @Test
    public void keysThatAreSaid_areThoseThatHaveWords() throws IOException {
        Set<String> said = new TreeSet<>();
        for (String place : new String[] {
            "src/main/jte",
            "src/main/java/velnik/core/html",
            "../server/src/main/java/velnik/server/visiting/MemberController.java",
            "../server/src/main/java/velnik/server/visiting/EnquiryController.java"
        }) {
            try (Stream<Path> files = Files.walk(Path.of(place)).filter(Files::isRegularFile)) {
                for (Path file : files.toList()) {
                    SAID.matcher(Files.readString(file)).results().forEach(found -> {
                        said.add(found.group(1));
                        if (found.group(2) != null) {
                            said.add(found.group(2));
                        }
                    });
                }
            }
        }
        said.remove("form.");
        for (Enquiry.Problem problem : Enquiry.Problem.values()) {
            said.add("form." + problem.name());
        }
        said.remove("zone.");
        for (Zone zone : Zone.values()) {
            said.add("zone." + zone.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        }
        assertEquals(said, new TreeSet<>(words.keys()));
    }

    @DataProvider
    public Object[][] languages() {
        return new Object[][] {{"de"}, {"fr"}, {"es"}, {"nl"}, {"pl"}};
    }

    /** Everything is said in it, with the same facts as in English. */
    @Test(dataProvider = "languages")
    public void language_isComplete(String language) {
        for (Class<?> room : new Class<?>[] {VisitorWords.class, Days.class}) {
            Map<String, Set<String>> english = facts(room, "");
            Map<String, Set<String>> other = facts(room, "_" + language);
            assertEquals(other, english);
        }
        assertFalse(VisitorWords.in(language).say("search.button").equals("Search"));
    }

    /** The facts that each key speaks of, in the file of one language alone. */
    private static Map<String, Set<String>> facts(Class<?> room, String suffix) {
        ResourceBundle words = ResourceBundle.getBundle(room.getName() + suffix, Locale.ROOT);
        Map<String, Set<String>> facts = new TreeMap<>();
        words.keySet()
                .forEach(key -> facts.put(
                        key,
                        key.startsWith("pattern.")
                                ? Set.of()
                                : new MessageFormat(words.getString(key), ULocale.ROOT).getArgumentNames()));
        return facts;
    }

    @Test
    public void pluralsAndDates_areThoseOfTheLanguage() {
        Messages polish = VisitorWords.in("pl");
        assertEquals(
                List.of(1, 2, 5, 22).stream()
                        .map(count -> polish.say("pages", Map.of("count", count)))
                        .toList(),
                List.of("1 strona", "2 strony", "5 stron", "22 strony"));
        LocalDate day = LocalDate.of(2027, 4, 1);
        assertEquals(
                List.of("de", "fr", "es", "nl", "pl").stream()
                        .map(language -> Days.in(language).day(day))
                        .toList(),
                List.of("1. April 2027", "1 avril 2027", "1 de abril de 2027", "1 april 2027", "1 kwietnia 2027"));
    }

    @Test
    public void languageWithoutWords_isSaidInEnglish_butCountsItsOwnWay() {
        Messages italian = VisitorWords.in("it");
        assertEquals(italian.language(), "it");
        assertEquals(italian.say("menu"), "Menu");
        assertEquals(words.say("pages", Map.of("count", 1_200)), "1,200 pages");
    }
}
