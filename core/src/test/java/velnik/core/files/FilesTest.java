package velnik.core.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.address.AddressWriter;
import velnik.core.change.Change;
import velnik.core.change.FileChange;
import velnik.core.change.MenuChange;
import velnik.core.change.Refusal;
import velnik.core.html.Frame;
import velnik.core.html.VisitorHtml;
import velnik.core.html.VisitorWords;
import velnik.core.site.FileContent;
import velnik.core.site.FileHash;
import velnik.core.site.FileId;
import velnik.core.site.FileType;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.MenuRowId;
import velnik.core.site.TextHash;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/** Files are named by pages, texts and items, and stay what they are named for. */
public class FilesTest {
    private static final FileId SLIP = new FileId("slip");
    private static final FileId PRICES = new FileId("price-list");

    private static FileContent photo(int width, int height) {
        return new FileContent(FileType.JPEG, hash("photo"), 200_000, width, height);
    }

    private static FileContent pdf(String of) {
        return new FileContent(FileType.PDF, hash(of), 9_000, 0, 0);
    }

    private static FileHash hash(String of) {
        return new FileHash(TextHash.of(of).value());
    }

    private static VisitorHtml writer(SiteScript script) {
        Frame frame = new Frame(
                AddressWriter.fromRoot(), VisitorWords.in("en"), List.of("/look.css"), List.of(), List.of(), null);
        return new VisitorHtml(script.site(), script.navigation(Visitor.NON_MEMBER), frame);
    }

    private static String html(SiteScript script, String page) {
        return writer(script).page(script.page(page), script.text(page));
    }

    @Test
    public void aClosedPage_saysWhenItOpens_andShowsNothingOfWhatIsOnIt() {
        SiteScript open = brackwater().on("2026-06-01");
        assertTrue(html(open, "Rowing skiffs").contains("class=\"picture\""));
        SiteScript closed = brackwater().on("2026-12-24");
        String page = writer(closed).closed(closed.page("Rowing skiffs"));
        assertTrue(page.contains("Opens again"), page);
        assertFalse(page.contains("class=\"picture\""), page);
    }

    @Test
    public void aPhotograph_isThereInWidths_theFirstOfAPageAtOnce_othersWhenTheyAreNear() {
        SiteScript script = brackwater()
                .does(new FileChange.AddFile(new FileId("yard"), "The yard", photo(2_000, 1_000)))
                .does(new Change.SetPicture(List.of(brackwater().page("Contact")), new FileId("yard")))
                .writes(
                        "Contact",
                        "![](file:yard)\n\n![The slip](file:slip)\n\n![](file:never-was)\n\n![Gone](file:gone)");
        String page = html(script, "Contact");
        String brief = hash("photo").brief();
        assertTrue(
                page.contains("property=\"og:image\" content=\"https://brackwater.example/-/files/yard/" + brief),
                page);
        String main = page.substring(page.indexOf("<main"));
        assertTrue(
                main.contains("srcset=\"/-/files/yard/" + brief + "/480.jpg 480w, /-/files/yard/" + brief
                        + "/960.jpg 960w, /-/files/yard/" + brief + "/1600.jpg 1600w, /-/files/yard/" + brief
                        + "/2000.jpg 2000w\""),
                main);
        assertTrue(main.contains("width=\"2000\" height=\"1000\" alt=\"\""), main);
        assertEquals(main.split("<img", -1).length - 1, 3);
        assertEquals(main.split("loading=\"lazy\"", -1).length - 1, 2, "all but the page's own");
        assertTrue(main.contains("alt=\"The slip\""), main);
        assertTrue(main.contains("<p>Gone</p>"), "what is gone is its words");
    }

    @Test
    public void aFile_isOnePlace_whateverItIsReplacedBy() {
        SiteScript script =
                brackwater().writes("Contact", "[Prices](file:price-list), [](file:price-list), [x](file:gone)");
        String before = html(script, "Contact");
        assertTrue(before.contains("<a href=\"/-/files/price-list/price-list.pdf\">Prices</a>"), before);
        assertTrue(before.contains("<a href=\"/-/files/price-list/price-list.pdf\">Price list</a>, x"), before);
        script.does(new FileChange.ReplaceFile(PRICES, pdf("new")));
        script.says("Price list is replaced wherever it is used; its address stays.");
        assertEquals(html(script, "Contact"), before);
        script.does(new FileChange.SetFile(PRICES, "What it costs", null));
        assertTrue(html(script, "Contact").contains(">What it costs</a>"));
    }

    @Test
    public void anAddressOfAFile_thatIsTyped_namesTheFile() {
        SiteScript script = brackwater()
                .writes("Contact", "[a](/-/files/price-list/old-name.pdf) ![b](/-/files/slip/x.svg) [c](/-/files/x)");
        assertEquals(script.text("Contact"), "[a](file:price-list) ![b](file:slip) [c](/-/files/x)");
    }

    @Test
    public void anItemLeadsToAFile_untilItIsRemoved() {
        SiteScript script = brackwater();
        script.puts(new ItemKind.ToFile(PRICES), "", script.menu("Footer"));
        assertTrue(script.sees("Contact", Zone.FOOTER).contains("Price list"));
        script.does(new FileChange.RemoveFiles(List.of(PRICES)));
        script.says("Price list is removed from the files.");
        assertFalse(script.sees("Contact", Zone.FOOTER).contains("Price list"));
        assertEquals(script.whyNot(script.latest()), "Its file was removed.");
    }

    @Test
    public void whatUsesAFile_isKnown() {
        SiteScript script = brackwater();
        script.puts(new ItemKind.ToFile(SLIP), "", script.menu("Footer"));
        script.does(Change.SetDetails.NONE.withLogo("slip")).writes("Contact", "![](file:slip) [](file:slip)");
        FileUses uses = FileUses.of(script.site(), script.texts()).getOrDefault(SLIP, FileUses.NONE);
        assertEquals(
                uses.pages().stream()
                        .map(page -> script.site().pages().get(page).title())
                        .collect(Collectors.joining(", ")),
                "Repairs, Contact");
        assertEquals(uses.rows(), List.of(new FileUses.RowUse(script.latest(), null)));
        assertTrue(uses.logo());
        script.putsPage("Hire", script.menu("Footer"))
                .sets(script.latest(), MenuChange.ItemEdit.of(edit -> edit.picture("slip")));
        assertEquals(
                FileUses.of(script.site(), script.texts())
                        .getOrDefault(SLIP, FileUses.NONE)
                        .rows()
                        .size(),
                2,
                "beside the label of another");
        MenuRowId list = new MenuRowId("main-list");
        script.dresses(list, "Hire", MenuChange.ItemEdit.of(edit -> edit.picture("slip")));
        assertEquals(
                FileUses.of(script.site(), script.texts())
                        .getOrDefault(SLIP, FileUses.NONE)
                        .rows()
                        .getFirst(),
                new FileUses.RowUse(list, script.page("Hire")),
                "beside the label of one row of a list");
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {new FileChange.AddFile(SLIP, "Slip", pdf("x")), Refusal.FileTaken.class},
            {new FileChange.AddFile(new FileId("n"), " ", pdf("x")), Refusal.FileNameMalformed.class},
            {new FileChange.AddFile(new FileId("n"), "x".repeat(201), pdf("x")), Refusal.FileNameMalformed.class},
            {new FileChange.SetFile(SLIP, "", null), Refusal.FileNameMalformed.class},
            {new FileChange.SetFile(SLIP, null, "x".repeat(501)), Refusal.AlternativeTooLong.class},
            {new FileChange.SetFile(PRICES, null, "a list"), Refusal.NoPicture.class},
            {new FileChange.SetFile(new FileId("n"), "Name", null), Refusal.FileUnknown.class},
            {new FileChange.ReplaceFile(SLIP, pdf("x")), Refusal.PictureStays.class},
            {new FileChange.ReplaceFile(PRICES, photo(9, 9)), Refusal.OtherStays.class},
            {new FileChange.ReplaceFile(new FileId("n"), pdf("x")), Refusal.FileUnknown.class},
            {new FileChange.RemoveFiles(List.of(SLIP, new FileId("n"))), Refusal.FileUnknown.class},
            {new FileChange.RemoveFiles(List.of()), Refusal.NothingNamed.class},
            {new Change.SetPicture(List.of(brackwater().page("Contact")), PRICES), Refusal.NoPicture.class},
            {new Change.SetPicture(List.of(brackwater().page("Contact")), new FileId("n")), Refusal.FileUnknown.class},
            {Change.SetDetails.NONE.withLogo("price-list"), Refusal.NoPicture.class},
            {Change.SetDetails.NONE.withLogo("n"), Refusal.FileUnknown.class}
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBe_isRefused(Change change, Class<? extends Refusal> why) {
        brackwater().refuses(change, why);
    }

    @DataProvider
    public Object[][] names() {
        return new Object[][] {
            {"Price list.pdf", "Price list"},
            {"archive.tar.gz", "archive.tar"},
            {"../../etc/passwd", "passwd"},
            {"C:\\boats\\hull.jpeg", "hull"},
            {" \u202E gnp.exe", "gnp"},
            {".htaccess", "htaccess"},
            {"", "File"},
            {"x".repeat(Limits.TITLE + 1), "x".repeat(Limits.TITLE - 1) + "…"}
        };
    }

    @Test(dataProvider = "names")
    public void nameOf_isFitToBeRead(String sent, String name) {
        assertEquals(Files.nameOf(sent), name);
    }
}
