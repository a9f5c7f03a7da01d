package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.util.stream.Collectors.toMap;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Menus and the room they have: what is reckoned, beside what a browser does. */
public class FitIT extends UndoneTest {
    private static final int LABELS = 300;

    /** Labels of a row that are not as wide as reckoned, by more than two pixels, or not known to be. */
    private static final String UNLIKE_LABELS = "fits => {"
            + " const fit = fits.find(({ zone }) => zone === 'ABOVE');"
            + " const seen = [...document.querySelector('[data-zone=ABOVE] .across > ul').children];"
            + " const reckoned = fit.shown.lines.flat();"
            + " if (fit.about !== '' || seen.length !== reckoned.length || seen.length !== " + LABELS + ")"
            + "   return [fit.about, seen.length, reckoned.length];"
            + " return seen.flatMap((item, index) => {"
            + "   const { label, width } = reckoned[index];"
            + "   const shown = item.getBoundingClientRect().width;"
            + "   return Math.abs(width - shown) <= 2 ? [] : [`${label}: ${width}, shown ${shown}`]; }); }";

    /** Rows that have another room than reckoned, by more than two pixels, or other lines. */
    private static final String UNLIKE_ROWS =
            "fits => fits.filter(({ across }) => across).flatMap(({ zone, shown }) => {"
                    + " const list = document.querySelector(`[data-zone=${zone}] .across > ul`);"
                    + " const tops = [...list.children].map(item => Math.round("
                    + "   (item.getClientRects().length ? item : item.firstElementChild).getBoundingClientRect().top));"
                    + " const room = list.getBoundingClientRect().width;"
                    + " const lines = new Set(tops).size;"
                    + " const alike = room === 0 ? shown.state === 'AWAY'"
                    + "   : Math.abs(shown.room - room) <= 2 && shown.lines.length === lines;"
                    + " return alike ? [] : [`${zone}: ${shown.says}, ${shown.room} px; shown ${room} px, ${lines}`]; })";

    /** Labels one under the other that break where it is reckoned that they do not, or the other way round. */
    private static final String UNLIKE_COLUMNS = "fits => fits.filter(({ across }) => !across).flatMap(fit => {"
            + " const { zone, shown } = fit;"
            + " const broken = shown.state === 'WRAPS' ? shown.lines.map(([box]) => box.label) : [];"
            + " const labels = [...document.querySelectorAll(`[data-zone=${zone}] .label`)]"
            + "   .filter(label => label.checkVisibility() && !label.closest('.flying-out ul ul'));"
            + " if (labels.length === 0) return shown.state === 'AWAY' ? [] : [`${zone}: nothing shown, ${shown.says}`];"
            + " return labels.flatMap(label => {"
            + "   const words = document.createRange();"
            + "   words.selectNodeContents(label);"
            + "   const lines = new Set([...words.getClientRects()].map(({ top }) => Math.round(top))).size;"
            + "   const told = broken.includes(label.textContent);"
            + "   return (lines > 1) === told ? []"
            + "     : [`${zone}: ${label.textContent} in ${lines}, ${shown.says}, ${shown.room} px`]; }); })";

    /** Labels that something else lies over. */
    private static final String LAID_OVER = "() => [...document.querySelectorAll('.folding .label')].flatMap(label => {"
            + " const counts = label.closest('li').querySelectorAll(':scope > details > summary > .count');"
            + " return [...counts].filter(count => [...label.getClientRects()].some(line => {"
            + "   const other = count.getBoundingClientRect();"
            + "   return other.width > 0 && line.right > other.left && line.left < other.right"
            + "     && line.bottom > other.top && line.top < other.bottom; })).map(() => label.textContent); })";

    private static final String LATIN =
            "Hire Repairs Moorings Café Courses Waffles fjord AVAILABLE To Type “Quay” — affine £12.50 50% off Q&A l’été";
    private static final String FURTHER =
            "Łódź żaglowa Příjezd loděnice Größe Ærø Üçüncü köprü İskele Őrült Ștefan Þorskur Curaçao naïve ijsvogel";
    private static final String VIETNAMESE = "Thuê thuyền ở đây Sửa chữa Bến đậu Giờ thủy triều Liên hệ với chúng tôi";
    private static final String RUSSIAN = "Прокат лодок Ремонт и окраска Стоянка на зиму Учёба Щука Объявления";
    private static final String GREEK = "Ενοικίαση σκαφών Επισκευές Ώρες Παλίρροια Επικοινωνία";

    /** What is set apart, with the scripts that its own fonts have. */
    @DataProvider
    public Object[][] types() {
        return new Object[][] {
            {"STAITHE", "", List.of(LATIN, FURTHER)},
            {"WEIR", "", List.of(LATIN, FURTHER, VIETNAMESE, RUSSIAN)},
            {"TOWPATH", "", List.of(LATIN, FURTHER, VIETNAMESE)},
            {"TIDETABLE", "", List.of(LATIN, FURTHER, VIETNAMESE)},
            {"STAITHE", "FAMILJEN_BRYGADA", List.of(LATIN, FURTHER, VIETNAMESE, RUSSIAN, GREEK)},
            {"WEIR", "LORA_FAMILJEN", List.of(LATIN, FURTHER, VIETNAMESE, RUSSIAN)},
        };
    }

    @Test(dataProvider = "types")
    public void labels_areAsWideAsReckoned(String look, String type, List<String> scripts) {
        List<String> labels = labels(scripts);
        showsSigns(look, type, labels, "ABOVE");
        Page page = new Visitor(velnik, wide()).page();
        for (int width : List.of(1280, 390)) {
            opens(page, width);
            assertEquals(page.evaluate(UNLIKE_LABELS, fits(width)), List.of(), look + " at " + width);
        }
    }

    /** Two or three words each, of all scripts in turn. */
    private static List<String> labels(List<String> scripts) {
        List<String> labels = new ArrayList<>();
        for (int label = 0; label < LABELS; label++) {
            String[] words = scripts.get(label % scripts.size()).split(" ");
            labels.add(words[label % words.length] + " " + words[(label * 7 + label / words.length) % words.length]
                    + (label % 3 == 0 ? " " + words[(label * 5 + 1) % words.length] : ""));
        }
        return labels;
    }

    /** In a look and a type, signs instead of what stands in zones, across; and visitors get it. */
    private void showsSigns(String look, String type, List<String> labels, String... zones) {
        List<String> items = new ArrayList<>();
        for (int label = 0; label < labels.size(); label++) {
            items.add(item("sign" + label, "signs", label == 0 ? null : "sign" + (label - 1), null, labels.get(label)));
        }
        shows(look, type, items, Stream.of(zones).collect(toMap(zone -> zone, zone -> "ACROSS")));
    }

    /** @param page it leads to; null for words alone */
    private static String item(String id, String parent, @Nullable String after, @Nullable String page, String label) {
        return "{'id':'" + id + "','place':{'parent':'" + parent + "','after':" + quoted(after) + ",'anchor':null},"
                + "'kind':{'kind':'" + (page == null ? "TEXT" : "PAGE") + "','page':" + quoted(page)
                + ",'carries':null,'address':null,'file':null,'menu':null,'list':null,'words':null,'side':null},"
                + "'label':'" + label + "'}";
    }

    private static String quoted(@Nullable String text) {
        return text == null ? "null" : "'" + text + "'";
    }

    /** @param forms in which they stand, by zone */
    private void shows(String look, String type, List<String> items, Map<String, String> forms) {
        List<String> changes = new ArrayList<>();
        changes.add("{'kind':'setLook','look':'" + look + "'}");
        changes.add("{'kind':'setToken','token':'TYPE','value':'" + type + "'}");
        changes.add("{'kind':'addMenu','menu':'signs','after':null,'name':'Signs'}");
        items.forEach(item -> changes.add("{'kind':'addItems','items':[" + item + "]}"));
        forms.forEach((zone, form) ->
                changes.add("{'kind':'assignMenus','zone':'" + zone + "','scope':{'kind':'EVERYWHERE','page':null,"
                        + "'layout':null,'pages':null},'says':{'kind':'INSTEAD','menus':[{'menu':'signs','form':'"
                        + form + "','size':null,'alignment':'START','width':null,'gap':null,'overflow':null,"
                        + "'fromLevel':1,'levels':3,'currentBranchOnly':false}],'before':null,'after':null}}"));
        mara.sends(String.join(",", changes));
        mara.publishesWhatWaits();
    }

    /** What is reckoned of the home page. */
    private Object fits(int width) {
        return mara.page()
                .evaluate("async width => (await fetch(`/-/api/fit?page=home&width=${width}`)).json()", width);
    }

    /** With its own fonts, which come too late for the first page. */
    private void opens(Page page, int width) {
        page.setViewportSize(width, 800);
        page.navigate(velnik.url("/"));
        page.evaluate("document.fonts.ready");
        page.reload();
        page.evaluate("document.fonts.ready");
    }

    @DataProvider
    public Object[][] looks() {
        return new Object[][] {{"STAITHE"}, {"WEIR"}, {"TOWPATH"}, {"TIDETABLE"}};
    }

    /** In every zone where rows can stand, at every usual width and some between: as many lines, and as much room. */
    @Test(dataProvider = "looks")
    public void rows_haveTheRoomReckoned_andWrapWhereTheyShould(String look) {
        List<String> labels = List.of(
                "Tide tables", "Hire by the day", "Berths", "Slipway", "Winter storage", "Lessons", "Who we are");
        showsSigns(look, "", labels, "ABOVE", "SIDEBAR", "BESIDE", "BELOW", "FOOTER");
        Page page = new Visitor(velnik, wide()).page();
        for (int width : List.of(2200, 1500, 1280, 1024, 961, 960, 768, 390, 320)) {
            opens(page, width);
            assertEquals(page.evaluate(UNLIKE_ROWS, fits(width)), List.of(), look + " at " + width);
        }
    }

    /** Where each form stands one under the other, at every usual width and some between: the same labels break. */
    @Test(dataProvider = "looks")
    public void labelsOneUnderTheOther_breakWhereReckoned(String look) {
        List<String> items = List.of(
                item("first", "signs", null, null, "Tide tables of the creek"),
                item("second", "signs", "first", "repairs", "Repairs and refits in winter"),
                item("beneath", "second", null, "courses", "Lessons"),
                item("third", "signs", "second", null, "Storage, cradles and slipways"),
                item("fourth", "third", null, "moorings", "Under cover, up to nine metres"),
                item("fifth", "third", "fourth", null, "Berths"),
                item("sixth", "fifth", null, null, "By the day, by the week and for the season"),
                item("seventh", "signs", "third", "home", "Where all the boats are at home"));
        Map<String, String> forms = Map.of(
                "HEADER", "ACROSS",
                "SIDEBAR", "DOWN",
                "BESIDE", "FLYING_OUT",
                "BELOW", "FOLDING",
                "FOOTER", "COLUMNS",
                "PHONE_DRAWER", "FOLDING");
        shows(look, "", items, forms);
        Page page = new Visitor(velnik, wide()).page();
        for (int width : List.of(2200, 1500, 1280, 1024, 961, 960, 768, 390, 320)) {
            opens(page, width);
            page.evaluate("() => document.querySelectorAll('.zone details, .drawer').forEach(it => it.open = true)");
            assertEquals(page.evaluate(UNLIKE_COLUMNS, fits(width)), List.of(), look + " at " + width);
            assertEquals(page.evaluate(LAID_OVER), List.of(), look + " at " + width);
        }
    }

    /** On a large screen a label of the workshop's menu breaks; its owner gives the columns at the sides more room. */
    @Test
    public void owner_givesLabelsAtTheSideTheirLine() {
        mara.opensScreen("Zones");
        mara.clicksAt(mara.header().getByText("Repairs", new Locator.GetByTextOptions().setExact(true)));
        Page page = mara.page();
        Locator sidebar = page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Workshop in Sidebar"));
        assertThat(sidebar).containsText("Every label in one line up to 1,447 px.");
        page.getByRole(AriaRole.SLIDER).focus();
        mara.presses("End");
        assertThat(sidebar.getByRole(AriaRole.STATUS))
                .containsText("1920 px: “Electric conversion” goes on in a second line, ");
        assertThat(sidebar.getByText("Change Workshop")).hasAttribute("href", Pattern.compile("/menus\\?item="));
        sidebar.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^Set it: Wider side columns")))
                .click();
        assertThat(sidebar.getByRole(AriaRole.STATUS)).containsText("1920 px: Every label in one line, ");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, context(1920, 800, true));
        visitor.opens("/repairs");
        assertEquals(
                visitor.page()
                        .evaluate("[...document.querySelectorAll('.sidebar .label')]"
                                + ".filter(label => label.getClientRects().length > 1).length"),
                0);
        mara.complainsOfNothing();
    }

    /** On a tablet the header goes on in a second line; its owner finds that out, and lets the last items go behind a word. */
    @Test
    public void owner_makesAHeaderFitATablet() {
        mara.opensScreen("Zones");
        Page page = mara.page();
        Locator header = page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Main in Header"));
        assertThat(header).containsText("In one line from 1,254 px on.");
        header.getByText("1024 wraps").click();
        assertThat(header.getByRole(AriaRole.STATUS)).containsText("1024 px: In 2 lines; 210 px too long for one.");
        assertThat(header.locator(".fit-line")).hasCount(2);
        mara.isAccessible("how menus fit");

        page.getByRole(AriaRole.SLIDER).focus();
        mara.presses("ArrowRight");
        assertThat(header.getByRole(AriaRole.STATUS)).containsText("1025 px: ");
        mara.presses("ArrowLeft");
        header.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Set it for every page: The last 4 items behind “More”"))
                .click();
        assertThat(header.getByRole(AriaRole.STATUS)).containsText("The last 4 items are behind “More”");
        assertThat(header.locator(".fit-line")).hasCount(1);
        mara.publishes();
        Visitor visitor = new Visitor(velnik, tablet());
        visitor.opens("/");
        assertThat(visitor.across().locator(".more > ul > li")).hasCount(4);
        Locator elsewhere = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Rows of other pages"));
        assertThat(elsewhere).containsText("Header: Short on Group bookings");
        mara.clicks("See Group bookings");
        assertThat(page.getByText("How menus fit on Group bookings")).isVisible();
        assertThat(elsewhere).containsText("Header: Main on Home and ");
        mara.opensScreen("Menus");
        mara.chooses("Main");
        assertThat(page.getByText(Pattern.compile("Header on Home and .*: In one line from 1,254 px on")))
                .isVisible();
        mara.opensScreen("Zones");
        mara.clicks("See Home").opensScreen("Menus").chooses("Main");
        assertThat(page.getByText("Header: In one line from 1,254 px on.")).isVisible();
        mara.complainsOfNothing();
    }
}
