package velnik.server.editing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import velnik.core.site.Limits;
import velnik.server.Caller;
import velnik.server.OnTheDemo;
import velnik.server.Started;
import velnik.server.files.Samples;
import velnik.server.tidying.Tidy;

/** Pictures and other files over HTTP: taken in, shown, replaced, and refused without a trace. */
public class FilesTest extends OnTheDemo {

    private static JsonNode file(Caller who, String id) {
        for (JsonNode file : who.gets("/-/api/files").answers(200).json()) {
            if (file.path("id").asString().equals(id)) {
                return file;
            }
        }
        throw new AssertionError("no file " + id);
    }

    private static HttpResponse<byte[]> bytes(Started server, String path) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(server.url(path))).build(),
                        HttpResponse.BodyHandlers.ofByteArray());
    }

    /** Everything that lies in the data folder for files. */
    private static List<String> kept(Started server) throws IOException {
        Path folder = server.data().resolve("files");
        try (Stream<Path> all = Files.isDirectory(folder) ? Files.walk(folder) : Stream.empty()) {
            return all.filter(Files::isRegularFile).map(Path::toString).sorted().toList();
        }
    }

    /** How many uploads are being taken in. */
    private static int incoming(Started server) {
        return Objects.requireNonNullElse(
                        server.data().resolve("files/incoming").toFile().list(), new String[0])
                .length;
    }

    @Test
    public void aPhotograph_isShownUprightInWidths_andSaysNotWhereItWasTaken() throws Exception {
        byte[] photo = Samples.fromPhone(2_000, 1_500);
        assertTrue(new String(photo, StandardCharsets.ISO_8859_1).contains("51.5N"));
        mara.uploads("photo", "IMG_2041.jpeg", photo).answers(200);
        JsonNode file = file(mara, "photo");
        assertEquals(file.path("name").asString(), "IMG_2041");
        assertEquals(file.path("width").asInt() + " x " + file.path("height").asInt(), "1500 x 2000");
        mara.edits("{'kind':'setPicture','pages':['kayaks'],'picture':'photo'}").answers(200);
        mara.edits("{'kind':'setFile','file':'photo','alternative':'Kayaks on the slip'}")
                .answers(200);
        assertEquals(file(mara, "photo").path("pages").toString(), "[\"kayaks\"]");
        String address = file.path("address").asString();
        assertEquals(bytes(server, address).statusCode(), 404, "nobody gets it before it is published");
        mara.publishes().answers(201);
        String page = server.visit("/hire/kayaks").body();
        for (String part :
                List.of("480w", "960w", "1500w", "width=\"1500\"", "height=\"2000\"", "Kayaks on the slip")) {
            assertTrue(page.contains(part), part + " in " + page);
        }
        String small = page.replaceFirst("(?s).*srcset=\"([^ ]+) 480w.*", "$1");
        HttpResponse<byte[]> answer = bytes(server, small);
        assertEquals(answer.statusCode(), 200);
        assertEquals(answer.headers().firstValue("Content-Type").orElse(""), "image/jpeg");
        assertTrue(answer.headers().firstValue("Cache-Control").orElse("").contains("immutable"));
        assertEquals(ImageIO.read(new ByteArrayInputStream(answer.body())).getHeight(), 640);
        assertFalse(new String(bytes(server, address).body(), StandardCharsets.ISO_8859_1).contains("51.5N"));
    }

    @Test
    public void aFile_isReplacedAtItsAddress_whereverItIsNamed() throws Exception {
        mara.uploads("prices", "Price list.pdf", Samples.pdf("old")).answers(200);
        mara.edits("{'kind':'setText','page':'waiting-list','text':'See [the list](file:prices) or [](file:prices).',"
                        + "'upon':" + upon("waiting-list") + ",'stretch':'files'}")
                .answers(200);
        mara.publishes().answers(201);
        String address = file(mara, "prices").path("address").asString();
        assertTrue(address.endsWith("/price-list.pdf"), address);
        String page = server.visit("/moorings/waiting-list").body();
        assertTrue(page.contains("<a href=\"" + address + "\">the list</a>"), page);
        assertTrue(page.contains("<a href=\"" + address + "\">Price list</a>"), page);
        assertTrue(text(bytes(server, address)).contains("old"));
        mara.replaces("prices", Samples.pdf("new")).answers(200);
        assertTrue(text(bytes(server, address)).contains("old"));
        mara.publishes().answers(201);
        assertTrue(text(bytes(server, address)).contains("new"));
        mara.steps("undo").answers(200);
        mara.publishes().answers(201);
        assertTrue(text(bytes(server, address)).contains("old"));
        mara.replaces("prices", Samples.png(20, 20)).refuses(422, "other-stays");
    }

    private static String text(HttpResponse<byte[]> answer) {
        return new String(answer.body(), StandardCharsets.ISO_8859_1);
    }

    private String upon(String page) {
        JsonNode hash = mara.gets("/-/api/pages/" + page + "/text").json().path("hash");
        return hash.isNull() ? "null" : "'" + hash.asString() + "'";
    }

    @Test
    public void aRemovedFile_leavesWords_andComesBackByUndo() {
        mara.uploads("boat", "Boat.svg", Samples.drawing("<path d='M0 0h4'/>")).answers(200);
        mara.edits("{'kind':'setText','page':'the-crew','text':'Look: ![a boat](file:boat) and [](file:boat).',"
                        + "'upon':" + upon("the-crew") + ",'stretch':'boat'}")
                .answers(200);
        mara.publishes().answers(201);
        assertTrue(server.visit("/about-us/the-crew").body().contains("alt=\"a boat\""));
        mara.edits("{'kind':'removeFiles','files':['boat']}").answers(200);
        mara.publishes().answers(201);
        String page = server.visit("/about-us/the-crew").body();
        assertTrue(page.contains("Look: a boat and ."), page);
        mara.edits("{'kind':'removeFiles','files':['boat']}").refuses(422, "file-unknown");
        mara.steps("undo").answers(200);
        mara.publishes().answers(201);
        assertTrue(server.visit("/about-us/the-crew").body().contains("alt=\"a boat\""));
    }

    /** One point, in a format that nothing here writes. */
    private static final String WEBP = "UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA";

    @DataProvider
    public Object[][] pictures() {
        return new Object[][] {
            {"opaque.png", Samples.png(600, 400), "JPEG", 600, 400},
            {"cut-out.png", Samples.cutOut(600, 400), "PNG", 600, 400},
            {"animation of 2,000.gif", Samples.animation(2_000), "PNG", 40, 30},
            {"a picture called text.txt", Samples.jpeg(30, 20), "JPEG", 30, 20},
            {"tiny.webp", Base64.getDecoder().decode(WEBP), "PNG", 1, 1},
            {"wide.jpg", Samples.jpeg(5_000, 400), "JPEG", 2_400, 192},
            {"drawing.svg", Samples.drawing("<script>alert(1)</script><path d='M0 0'/>"), "SVG", 40, 20}
        };
    }

    @Test(dataProvider = "pictures")
    public void aPicture_isTakenByWhatIsInIt(String name, byte[] bytes, String type, int width, int height) {
        String id = "p" + Math.abs(name.hashCode());
        mara.uploads(id, name, bytes).answers(200);
        JsonNode file = file(mara, id);
        assertEquals(file.path("type").asString(), type);
        assertEquals(file.path("width").asInt() + " x " + file.path("height").asInt(), width + " x " + height);
        mara.gets(file.path("picture").asString()).answers(200);
    }

    @DataProvider
    public Object[][] documents() {
        return new Object[][] {
            {Samples.zip("[Content_Types].xml", "word/document.xml"), "DOCX"},
            {Samples.zip("[Content_Types].xml", "xl/workbook.xml"), "XLSX"},
            {Samples.zip("[Content_Types].xml", "ppt/presentation.xml"), "PPTX"},
            {Samples.zip("mimetype=application/vnd.oasis.opendocument.text", "content.xml"), "ODT"},
            {Samples.pdf("terms"), "PDF"}
        };
    }

    @Test(dataProvider = "documents")
    public void aDocument_isTakenByWhatIsInIt_andSavedByVisitors(byte[] bytes, String type) throws Exception {
        String id = "doc-" + type;
        mara.uploads(id, "Any name", bytes).answers(200);
        assertEquals(file(mara, id).path("type").asString(), type);
        mara.publishes().answers(201);
        HttpResponse<byte[]> answer =
                bytes(server, file(mara, id).path("address").asString());
        assertEquals(answer.body(), bytes);
        String disposition = answer.headers().firstValue("Content-Disposition").orElse("");
        assertTrue(disposition.startsWith(type.equals("PDF") ? "inline" : "attachment"), disposition);
    }

    @DataProvider
    public Object[][] refused() {
        byte[] whole = Samples.jpeg(400, 300);
        byte[] ole = {(byte) 0xD0, (byte) 0xCF, 0x11, (byte) 0xE0, (byte) 0xA1, (byte) 0xB1, 0x1A, (byte) 0xE1, 0, 0};
        return new Object[][] {
            {"a zip called picture.png", Samples.zip("a.txt"), 422, "file-refused", "none of them"},
            {"nothing.png", new byte[0], 422, "file-refused", "empty"},
            {"cut off.jpg", Arrays.copyOf(whole, whole.length / 2), 422, "file-refused", "damaged"},
            {"only its head.png", Arrays.copyOf(Samples.png(40, 30), 40), 422, "file-refused", "damaged"},
            {"100 megapixels.png", Samples.claiming(10_000, 10_000), 422, "file-refused", "100 million pixels"},
            {"programme.exe", "MZ\0\0 this runs".getBytes(StandardCharsets.US_ASCII), 422, "file-refused", "none"},
            {
                "page.html",
                "<!doctype html><script>1</script>".getBytes(StandardCharsets.US_ASCII),
                422,
                "file-refused",
                "none"
            },
            {"old.doc", ole, 422, "file-refused", "long ago"},
            {"macros.docm", Samples.zip("word/document.xml", "word/vbaProject.bin"), 422, "file-refused", "macros"},
            {"broken.svg", Samples.drawing("<g>"), 422, "file-refused", "line 1"},
            {"large.jpg", Arrays.copyOf(whole, Limits.PICTURE_BYTES + 1), 413, "file-too-large", "5 MB"},
            {"huge.pdf", Arrays.copyOf(Samples.pdf("x"), Limits.FILE_BYTES + 1), 413, "file-too-large", "25 MB"}
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeTaken_isRefused_andNothingIsKept(
            String name, byte[] bytes, int status, String type, String says) throws IOException {
        List<String> before = kept(server);
        String files = mara.gets("/-/api/files").response().body();
        String sentence = mara.uploads("refused", name, bytes)
                .refuses(status, type)
                .json()
                .path("detail")
                .asString();
        assertTrue(sentence.contains(says), sentence);
        assertEquals(mara.gets("/-/api/files").response().body(), files);
        assertEquals(kept(server), before);
    }

    @DataProvider
    public Object[][] names() {
        return new Object[][] {
            {"../../etc/passwd.png", "passwd"},
            {"C:\\\\boats\\\\hull.jpeg", "hull"},
            {"a\u0000b\u0007c.png", "a b c"},
            {".htaccess", "htaccess"},
            {"...", "File"},
            {"x".repeat(300) + ".png", "x".repeat(199) + "…"}
        };
    }

    @Test(dataProvider = "names")
    public void aName_isMadeFitToBeRead(String sent, String kept) {
        String id = "n" + Math.abs(sent.hashCode());
        mara.uploads(id, sent, Samples.png(8, 8)).answers(200);
        assertEquals(file(mara, id).path("name").asString(), kept);
    }

    @Test
    public void anUploadThatIsCutOff_leavesNothing() throws IOException {
        List<String> before = kept(server);
        String cookies = mara.cookieHeader();
        String head = "POST /-/api/files?file=cut&name=cut.png&request=request-cut-off&basedOn=" + mara.revision()
                + " HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\nCookie: " + cookies + "\r\nX-XSRF-TOKEN: "
                + mara.token() + "\r\nContent-Type: application/octet-stream\r\nContent-Length: 100000\r\n\r\nhalf";
        server.sendsAndLeaves(head, () -> incoming(server) > 0);
        Started.await(() -> incoming(server) == 0);
        assertEquals(kept(server), before);
        assertFalse(mara.gets("/-/api/files").response().body().contains("\"cut\""));
    }

    /** What nothing names goes at night; what a release or an undo may need stays. */
    @Test
    public void contents_goOnceNothingNamesThem() throws Exception {
        try (Started own = Started.demo()) {
            Caller owner = own.mara();
            owner.uploads("one", "one.pdf", Samples.pdf("one")).answers(200);
            owner.uploads("again", "one.pdf", Samples.pdf("one")).answers(200);
            owner.uploads("one", "taken already.pdf", Samples.pdf("other")).refuses(422, "file-taken");
            int all = kept(own).size();
            Tidy.now(own);
            assertEquals(kept(own).size(), all - 1, "the refused one was named by nothing");
            owner.edits("{'kind':'removeFiles','files':['one','again']}").answers(200);
            Tidy.now(own);
            assertEquals(kept(own).size(), all - 1, "undo brings them back");
            try (Started again = own.again()) {
                Caller later = again.mara();
                later.steps("undo").answers(200);
                later.publishes().answers(201);
                assertEquals(
                        text(bytes(again, file(later, "one").path("address").asString())), text(Samples.pdf("one")));
            }
        }
    }

    private static String text(byte[] bytes) {
        return new String(bytes, StandardCharsets.ISO_8859_1);
    }
}
