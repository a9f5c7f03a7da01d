package velnik.server.storage;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.dialect.Dialects;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import velnik.core.RandomEdits;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.sample.Brackwater;
import velnik.core.site.Page;
import velnik.core.site.Past;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.core.soundness.Soundness;

public class WholeSiteTest {
    private static final WholeSite WHOLE = new WholeSite(new StoredForms());
    private static final JsonMapper JSON = new JsonMapper();
    private static final Path PUBLISHED = Path.of("../docs/site.schema.json");
    private static final Map<TextHash, String> TEXTS = texts();

    private static Map<TextHash, String> texts() {
        Map<TextHash, String> texts = new HashMap<>(Brackwater.texts());
        Stream.concat(IntStream.range(0, 5).mapToObj(i -> "text " + i), Stream.of("another"))
                .forEach(text -> texts.put(TextHash.of(text), text));
        return texts;
    }

    private static String textOf(Page page) {
        return requireNonNull(TEXTS.get(requireNonNull(page.text())));
    }

    private static String written(Site site) {
        return WHOLE.write(site, WholeSiteTest::textOf);
    }

    @DataProvider
    public Object[][] seeds() {
        return new Object[][] {{1L}, {2L}, {3L}, {4L}, {5L}, {6L}};
    }

    /** Whatever somebody made of a site: it is written as its schema says, and comes back as it was. */
    @Test(dataProvider = "seeds")
    public void anySite_isWrittenByItsSchema_andReadAgain(long seed) {
        Schema schema = SchemaRegistry.withDialect(Dialects.getDraft202012()).getSchema(WHOLE.schema());
        RandomEdits edits = new RandomEdits(seed);
        Site site = Brackwater.site();
        for (int i = 0; i < 240; i++) {
            if (Changes.apply(site, edits.next(site), Circumstances.NOBODY) instanceof Outcome.Applied applied) {
                site = applied.site();
            }
            if (i % 12 == 0) {
                String written = written(site);
                assertEquals(schema.validate(written, InputFormat.JSON), List.of());
                WholeSite.Read.Whole read = (WholeSite.Read.Whole) WHOLE.read(written);
                assertEquals(read.site(), site.withBin(List.of()).withPast(Past.NONE));
                assertTrue(read.texts().stream().allMatch(text -> TEXTS.containsKey(TextHash.of(text))));
            }
        }
    }

    @Test
    public void schema_isTheOneThatIsPublished() throws IOException {
        if (Boolean.getBoolean("velnik.writeCases")) {
            Files.writeString(PUBLISHED, WHOLE.schema() + "\n");
        }
        assertEquals(WHOLE.schema() + "\n", Files.readString(PUBLISHED), "-Dvelnik.writeCases=true writes it anew");
    }

    @DataProvider
    public Object[][] olderForms() {
        return IntStream.range(2, StoredForms.FORMAT)
                .mapToObj(form -> new Object[] {form})
                .toArray(Object[][]::new);
    }

    /** Texts that the boatyard has no more are all that is missed. */
    @Test(dataProvider = "olderForms")
    public void whatAnOlderVelnikWrote_isRead(int form) throws IOException {
        ObjectNode whole =
                JSON.createObjectNode().put("format", WholeSite.FORMAT).put("version", form);
        whole.set("site", JSON.readTree(StoredFixtures.of(form).getLast().text()));
        ObjectNode texts = whole.putObject("texts");
        TEXTS.forEach((hash, text) -> texts.put(hash.value(), text));
        switch (WHOLE.read(whole.toString())) {
            case WholeSite.Read.Whole(Site site, List<String> any) ->
                assertTrue(site.pages().size() > 40);
            case WholeSite.Read.Not(List<String> sentences) ->
                assertTrue(
                        sentences.stream().allMatch(sentence -> sentence.startsWith("The text of ")),
                        String.join("\n", sentences));
        }
    }

    @DataProvider
    public Object[][] broken() {
        return new Object[][] {
            {"\"format\" : \"velnik-site\"", "\"format\" : \"another\"", "does not say that it is a site"},
            {"\"version\" : " + StoredForms.FORMAT, "\"version\" : 99", "written by a newer Velnik, as version 99"},
            {"\"version\" : " + StoredForms.FORMAT, "\"version\" : \"none\"", "which version"},
            {"\"title\" : \"Hire\"", "\"title\" : 7", "title"},
            {"\"title\" : \"Hire\"", "\"title\" : null", "title"},
            {"\"title\" : \"Hire\"", "\"title\" : \" \"", "a title has 1 to 200 characters"},
            {"\"title\" : \"Hire\"", "\"heading\" : \"Hire\"", "'heading'"},
            {"\"is\" : \"item\"", "\"is\" : \"ornament\"", "/site/menus/1/value/is"},
            {"\"kind\" : \"PAGE\"", "\"kind\" : \"NOVEL\"", "kind"},
            {"\"parent\" : \"hire\"", "\"parent\" : \"canoes\"", "“canoes” is under itself"},
            {"\"parent\" : \"hire\"", "\"parent\" : \"gone\"", "“canoes” is under “gone”, which is not there"},
            {"\"id\" : \"canoes\"", "\"id\" : \"kayaks\"", "two rows have the id “kayaks”"},
            {"\"home\" : \"home\"", "\"home\" : \"gone\"", "one of them as its home"},
            {"\"slug\" : \"repairs\"", "\"slug\" : \"hire\"", "Two pages are at /hire"},
            {"\"texts\" : {", "\"texts\" : [", "breaks off or goes wrong at line"},
        };
    }

    @Test(dataProvider = "broken")
    public void whatCannotBe_isSaid(String from, String to, String says) {
        String whole = written(Brackwater.site());
        assertTrue(whole.contains(from), from);
        WholeSite.Read.Not read =
                (WholeSite.Read.Not) WHOLE.read(whole.replaceFirst(java.util.regex.Pattern.quote(from), to));
        assertTrue(
                String.join(" ", read.sentences()).contains(says),
                read.sentences().toString());
    }

    @Test
    public void textsThatAreNotTheirs_areMissed() {
        String whole = written(Brackwater.site());
        String text = Brackwater.texts()
                .get(Brackwater.site().pages().get(Brackwater.id("Canoes")).text());
        String start = requireNonNull(text).lines().findFirst().orElseThrow();
        assertTrue(whole.contains(start));
        assertEquals(
                WHOLE.read(whole.replace(start, "Not as it was")),
                new WholeSite.Read.Not(List.of("The text of Canoes is not in it, or is another than its name says.")));
    }

    @DataProvider
    public Object[][] mutations() {
        return IntStream.range(0, 40).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    /** Whatever a file holds: what is read is sound, and what is not read is told in sentences. */
    @Test(dataProvider = "mutations")
    public void mutatedFiles_areReadSoundOrNotAtAll(int seed) {
        Random random = new Random(seed);
        String whole = written(Brackwater.site());
        for (int i = 0; i < 12; i++) {
            String mutated = i % 3 == 0 ? cut(whole, random) : mutated(whole, random);
            switch (WHOLE.read(mutated)) {
                case WholeSite.Read.Whole(Site site, List<String> texts) -> {
                    assertEquals(Soundness.of(site), List.of());
                    assertEquals(new HashSet<>(texts).size(), texts.size());
                }
                case WholeSite.Read.Not(List<String> sentences) -> {
                    assertFalse(sentences.isEmpty());
                    sentences.forEach(
                            sentence -> assertTrue(sentence.length() < 500 && sentence.endsWith("."), sentence));
                }
            }
        }
    }

    private static String cut(String whole, Random random) {
        int at = random.nextInt(whole.length());
        return whole.substring(0, at) + whole.substring(Math.min(whole.length(), at + random.nextInt(9)));
    }

    /** A value somewhere becomes another from somewhere else, or is gone. */
    private static String mutated(String whole, Random random) {
        JsonNode root = JSON.readTree(whole);
        List<JsonNode> all = new ArrayList<>();
        collect(root, all);
        JsonNode other = random.nextInt(3) == 0
                ? JSON.nullNode()
                : all.get(random.nextInt(all.size())).deepCopy();
        List<JsonNode> holders = all.stream()
                .filter(node -> node.isContainer() && !node.isEmpty())
                .toList();
        switch (holders.get(random.nextInt(holders.size()))) {
            case ObjectNode object -> {
                List<String> names = List.copyOf(object.propertyNames());
                String name = names.get(random.nextInt(names.size()));
                if (random.nextInt(4) == 0) {
                    object.remove(name);
                } else {
                    object.set(name, other);
                }
            }
            case ArrayNode array -> array.set(random.nextInt(array.size()), other);
            default -> throw new AssertionError("no container");
        }
        return root.toString();
    }

    private static void collect(JsonNode node, List<JsonNode> all) {
        all.add(node);
        node.forEach(child -> collect(child, all));
    }
}
