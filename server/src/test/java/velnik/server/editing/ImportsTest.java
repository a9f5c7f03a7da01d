package velnik.server.editing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.zip.GZIPOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.compress.archivers.zip.UnixStat;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import velnik.server.OnTheDemo;

/** Files that are read in over HTTP. */
public class ImportsTest extends OnTheDemo {
    private static final String CHOICES =
            "{\"where\":\"PAGES\",\"page\":null,\"menu\":null,\"name\":null,\"matching\":\"ADDRESS\",\"without\":[]}";

    private static String file(String name, byte[] content) {
        return "{\"name\":\"%s\",\"content\":\"%s\"}"
                .formatted(name, Base64.getEncoder().encodeToString(content));
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] zip(Map<String, byte[]> entries) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(packed)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        } catch (IOException never) {
            throw new AssertionError(never);
        }
        return packed.toByteArray();
    }

    private static byte[] zipOf(Consumer<ZipArchiveEntry> kind) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (ZipArchiveOutputStream zip = new ZipArchiveOutputStream(packed)) {
            ZipArchiveEntry entry = new ZipArchiveEntry("a.md");
            kind.accept(entry);
            zip.putArchiveEntry(entry);
            zip.write(bytes("../b.md"));
            zip.closeArchiveEntry();
        } catch (IOException never) {
            throw new AssertionError(never);
        }
        return packed.toByteArray();
    }

    /** As one that is locked says it of itself; what is in it need not be. */
    private static byte[] locked() {
        byte[] zip = zipOf(entry -> {});
        String bytes = new String(zip, StandardCharsets.ISO_8859_1);
        zip[bytes.indexOf("PK\1\2") + 8] |= 1;
        zip[6] |= 1;
        return zip;
    }

    private static byte[] gzip(byte[] bytes) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
            gzip.write(bytes);
        } catch (IOException never) {
            throw new AssertionError(never);
        }
        return packed.toByteArray();
    }

    private String call(String request, String choices, String... files) {
        return "{\"request\":\"%s\",\"basedOn\":%d,\"files\":[%s],\"choices\":%s}"
                .formatted(request, mara.revision(), String.join(",", files), choices);
    }

    @Test
    public void files_areReadInOneEdit_onceHoweverOftenTheyAreSent_andUndoneInOne() {
        byte[] zip = zip(Map.of(
                "winter/index.md", bytes("---\ntitle: Winter\n---\nCome in."),
                "winter/slipway.md", bytes("# Slipway\nBack to [winter](index.md)."),
                "winter/boat.png", new byte[] {1, 0, 2}));
        String dryRun = call("read-once", CHOICES, file("winter.zip", zip));
        long before = mara.revision();
        String told = mara.posts("/-/api/imports/files?dryRun=true", dryRun)
                .answers(200)
                .response()
                .body();
        assertTrue(told.contains("\"verdict\":\"ADD\",\"title\":\"Slipway\",\"leads\":\"/winter/slipway\""), told);
        assertEquals(mara.revision(), before, "looking changes nothing");

        mara.posts("/-/api/imports/files?dryRun=false", dryRun).answers(200);
        assertEquals(
                mara.posts("/-/api/imports/files?dryRun=false", dryRun)
                        .answers(200)
                        .json()
                        .at("/history/undo")
                        .asString(),
                "Import text in Markdown");
        assertEquals(mara.revision(), before + 1);
        String pages = mara.gets("/-/api/working-copy").answers(200).response().body();
        assertTrue(pages.contains("\"title\":\"Slipway\""), pages);
        assertTrue(mara.gets("/-/api/pages/read-once-p1/text")
                .answers(200)
                .response()
                .body()
                .contains("[winter](page:read-once-p0)"));
        mara.steps("undo");
        assertFalse(
                mara.gets("/-/api/working-copy").answers(200).response().body().contains("\"title\":\"Slipway\""));
    }

    private JsonNode whole() {
        return mara.gets("/-/api/exports/json").answers(200).json();
    }

    @Test
    public void wholeSite_isSaved_andComesBackInOneEdit_ifNobodyWentOnMeanwhile() {
        JsonNode saved = whole();
        JsonNode elsewhere = saved.deepCopy();
        ((ArrayNode) elsewhere.at("/site/files"))
                .forEach(file -> ((ObjectNode) file.get("content")).put("hash", "0".repeat(64)));
        mara.edits("{'kind':'retitlePage','page':'canoes','title':'Canoes for four'}")
                .answers(200);
        mara.edits("{'kind':'setSummary','page':'hire','summary':'Another.'}").answers(200);
        String back = call("whole-site-1", CHOICES, file("saved.json", bytes(saved.toString())));
        long before = mara.revision();
        JsonNode told = mara.posts("/-/api/imports/files?dryRun=true", back)
                .answers(200)
                .json();
        assertEquals(told.path("formats").asString(), "a whole site (JSON)");
        assertEquals(told.at("/whole/count").asInt(), 2, told.toString());
        assertTrue(told.at("/whole/sentences").toString().contains("Canoes"), told.toString());
        assertEquals(mara.revision(), before, "looking changes nothing");

        mara.edits("{'kind':'retitlePage','page':'kayaks','title':'Kayaks for two'}")
                .answers(200);
        mara.posts("/-/api/imports/files?dryRun=false", back).refuses(409, "changed-since");
        assertEquals(mara.revision(), before + 1);

        String again = call("whole-site-2", CHOICES, file("saved.json", bytes(saved.toString())));
        mara.posts("/-/api/imports/files?dryRun=false", again).answers(200);
        mara.posts("/-/api/imports/files?dryRun=false", again).answers(200);
        assertEquals(mara.revision(), before + 2);
        assertEquals(whole(), saved);
        mara.posts(
                        "/-/api/imports/files?dryRun=false",
                        call("whole-site-3", CHOICES, file("saved.json", bytes(saved.toString()))))
                .refuses(422, "nothing-to-do");
        mara.posts(
                        "/-/api/imports/files?dryRun=true",
                        call(
                                "whole-site-4",
                                CHOICES,
                                file("saved.json", bytes(saved.toString())),
                                file("more.txt", bytes("More"))))
                .refuses(422, "not-read");
        mara.steps("undo");
        assertEquals(whole().toString().contains("Kayaks for two"), true);

        String lookAt = mara.posts(
                        "/-/api/imports/files?dryRun=true",
                        call("whole-site-5", CHOICES, file("elsewhere.json", bytes(elsewhere.toString()))))
                .answers(200)
                .json()
                .path("lookAt")
                .toString();
        assertTrue(lookAt.contains("are not in this file and not here, so they are left out"), lookAt);
    }

    @DataProvider
    public Object[][] refused() {
        Map<String, byte[]> many = new HashMap<>();
        IntStream.range(0, 5_001).forEach(i -> many.put(i + ".md", new byte[0]));
        return new Object[][] {
            {"picture.png", new byte[] {(byte) 0x89, 'P', 'N', 'G', 0, 0, 1}, "“picture.png” is no text"},
            {"bomb.gz", gzip(new byte[50_000_000]), "Unpacked, this is more than 40 MB."},
            {"bomb.zip", zip(Map.of("a.md", new byte[50_000_000])), "Unpacked, this is more than 40 MB."},
            {"many.zip", zip(many), "“many.zip” holds more than 5,000 files."},
            {"out.zip", zip(Map.of("../a.md", bytes("a"))), "“out.zip” names files outside of itself"},
            {
                "link.zip",
                zipOf(entry -> entry.setUnixMode(UnixStat.LINK_FLAG | 0777)),
                "“link.zip” holds links to files instead of the files themselves."
            },
            {"locked.zip", locked(), "“locked.zip” is locked with a password."},
            {"wide.csv", bytes("title,address\n" + "a,".repeat(1_000_000)), "Line 2 has more than 200 columns"},
            {
                "letter.docx",
                zip(Map.of("[Content_Types].xml", bytes("<Types/>"))),
                "“letter.docx” is an office document."
            },
            {"cut.zip", cut(zip(Map.of("a.md", bytes("abc ".repeat(5_000))))), "“cut.zip” is damaged or was cut off"},
            {"cut.gz", cut(gzip(bytes("abc ".repeat(5_000)))), "“cut.gz” is damaged or was cut off"},
            {"pictures.zip", zip(Map.of("a.png", new byte[9])), "“pictures.zip” holds no file that can be read in"},
            {"cut.opml", bytes("<opml><body><outline text='a'"), "This file breaks off or is damaged at line 1."},
            {"site.json", bytes("<p>{}</p>"), "No navigation was found on this page"},
            {"other.txt", bytes("{\"pages\": []}"), "does not say that it is a site"},
            {"rows.json", bytes(" [ {\"title\": \"Hire\"}]"), "does not say that it is a site"},
            {"numbers.json", bytes("[1, 2, 3]"), "does not say that it is a site"},
            {"homes.json", bytes("{\"home\": 1,\n\"home\": 2}"), "It says something twice at line 2"},
            {"cut.json", bytes("{\n\"format\": \"velnik-site\",\n\"ver"), "It breaks off or goes wrong at line 3."},
            {
                "bare.json",
                bytes("{\"format\": \"velnik-site\", \"version\": 99}"),
                "It was written by a newer Velnik, as version 99"
            },
            {
                "empty.json",
                bytes("{\"format\": \"velnik-site\", \"version\": %d}"
                        .formatted(whole().path("version").asInt())),
                "At /: required property 'site' not found."
            },
        };
    }

    /** What leads to something that is not there is a state that edits leave too; whoever reads a file hears of it first. */
    @Test
    public void wholeSiteWithLooseEnds_saysSoBeforeItIsTaken() {
        String saved = whole().toString();
        String loose = saved.replaceFirst("\"page\":\"hire\"", "\"page\":\"never-was\"");
        JsonNode run = mara.posts(
                        "/-/api/imports/files?dryRun=true",
                        call("loose-ends-1", CHOICES, file("site.json", bytes(loose))))
                .answers(200)
                .json();
        assertTrue(run.path("lookAt").toString().contains("One item leads to what is not in the site"), run.toString());
    }

    private static byte[] cut(byte[] bytes) {
        return Arrays.copyOf(bytes, bytes.length / 2);
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeRead_isSaid_andNothingIsChanged(String name, byte[] content, String sentence) {
        long before = mara.revision();
        for (boolean dryRun : List.of(true, false)) {
            String body = mara.posts(
                            "/-/api/imports/files?dryRun=" + dryRun,
                            call("bad-" + dryRun, CHOICES, file(name, content)))
                    .refuses(422, "not-read")
                    .response()
                    .body();
            assertTrue(body.contains(sentence), body);
            assertTrue(body.contains("Nothing was changed."), body);
        }
        assertEquals(mara.revision(), before);
    }

    @Test
    public void choicesThatLeadNowhere_areRefused() {
        String list = file("a.txt", bytes("New\nPages"));
        List<String> bad = new ArrayList<>(List.of(
                CHOICES.replace("\"page\":null", "\"page\":\"never-was\""),
                CHOICES.replace(
                        "\"where\":\"PAGES\",\"page\":null,\"menu\":null",
                        "\"where\":\"MENU\",\"page\":null,\"menu\":\"never-was\"")));
        long before = mara.revision();
        for (String choices : bad) {
            mara.posts("/-/api/imports/files?dryRun=false", call("nowhere-1", choices, list))
                    .refuses(422, "not-read");
        }
        mara.posts("/-/api/imports/files?dryRun=false", call("nowhere-1", CHOICES.replace("PAGES", "MENU"), list))
                .answers(400);
        mara.posts("/-/api/imports/files?dryRun=false", call("nothing-1", CHOICES, file("a.txt", bytes("Hire"))))
                .refuses(422, "nothing-to-do");
        assertEquals(mara.revision(), before);
    }
}
