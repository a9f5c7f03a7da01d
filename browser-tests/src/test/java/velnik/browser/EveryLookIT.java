package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.Media;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** Each look as visitors have it: read in any light and width, light to load, used by any hand. */
public class EveryLookIT extends LookTest {
    private static final int KILOBYTE = 1000;
    private static final List<String> TOKENS = List.of(
            "SIZE", "WIDTH", "SPACING", "CORNERS", "GROUND", "ACCENT", "MAIN", "TYPE", "SIDES", "DRAWERS", "HEADER");

    /** Bytes sent for what a page loads, by what it is, and how far things jumped meanwhile. */
    private static final String WEIGHED = "async () => {"
            + " await document.fonts.ready;"
            + " const jumps = await new Promise(done => new PerformanceObserver(list => done(list.getEntries()"
            + "   .reduce((sum, shift) => sum + shift.value, 0))).observe({ type: 'layout-shift', buffered: true })"
            + "   || setTimeout(() => done(0), 300));"
            + " const sum = (ending) => performance.getEntriesByType('resource')"
            + "   .filter(each => ending.test(each.name)).reduce((all, each) => all + each.encodedBodySize, 0);"
            + " const page = performance.getEntriesByType('navigation')[0].encodedBodySize;"
            + " return { jumps, fonts: sum(/\\.woff2$/), scripts: sum(/\\.js$/), all: page + sum(/\\.(js|css)$/) }; }";

    @Test(dataProvider = "looks")
    public void everyLook_isAccessible_inLightAndDark_fits_andIsLight(String look) {
        wears(look);
        for (ColorScheme scheme : new ColorScheme[] {ColorScheme.LIGHT, ColorScheme.DARK}) {
            Visitor visitor = new Visitor(
                    velnik,
                    opened(new Browser.NewContextOptions()
                            .setViewportSize(1280, 800)
                            .setColorScheme(scheme)));
            for (String path : new String[] {"/", "/repairs/engines", "/hire/group-bookings", "/search?q=boat"}) {
                visitor.opens(path);
                visitor.page().waitForLoadState(LoadState.NETWORKIDLE);
                looksAt(visitor, scheme, look + " " + scheme + " " + path);
                Map<?, ?> weighed = (Map<?, ?>) visitor.page().evaluate(WEIGHED);
                assertEquals(Watched.number(weighed, "jumps"), 0.0, look + path + " jumps: " + weighed);
                assertTrue(Watched.number(weighed, "fonts") <= 60 * KILOBYTE, look + path + ": " + weighed);
                assertTrue(Watched.number(weighed, "scripts") <= 6 * KILOBYTE, look + path + ": " + weighed);
                assertTrue(Watched.number(weighed, "all") <= 30 * KILOBYTE, look + path + ": " + weighed);
            }
            for (int width : new int[] {2560, 1024, 768, 390, 320}) {
                visitor.page().setViewportSize(width, 800);
                visitor.opens("/repairs/engines");
                assertEquals(
                        visitor.page().evaluate("document.documentElement.scrollWidth - innerWidth"), 0, look + width);
            }
            assertEquals(
                    visitor.page()
                            .evaluate("document.querySelector('.site-name').getBoundingClientRect().right <"
                                    + " document.querySelector('.drawer > summary').getBoundingClientRect().left"
                                    + " && document.querySelector('.site-name').scrollWidth"
                                    + " <= document.querySelector('.site-name').clientWidth"),
                    true,
                    look + ": the name and the button");
            looksAt(visitor, scheme, look + " " + scheme + " at 320 px");
            visitor.page().emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            assertThat(visitor.page().locator("nav.zone:visible, details:visible"))
                    .hasCount(0);
            looksAt(visitor, scheme, look + " " + scheme + " on paper");
            visitor.complainsOfNothing();
        }
    }

    /** In the dark there are the same elements in other colours. */
    private static void looksAt(Visitor visitor, ColorScheme scheme, String where) {
        if (scheme == ColorScheme.LIGHT) {
            visitor.isAccessible(where);
        } else {
            visitor.isReadable(where);
        }
    }

    /** As far as each token goes, the page stays whole and is read well. */
    @Test(dataProvider = "looks")
    public void everyLook_tunedToItsEnds_fits(String look) {
        for (String[] end : new String[][] {
            {"130", "130", "150", "24", "#1c1430", "#ffb000", "#e6ff00", "LORA_FAMILJEN", "130", "130", "KEPT"},
            {"85", "75", "60", "0", "#7f7f7f", "#404040", "#808080", "SYSTEM", "75", "75", ""},
        }) {
            List<String> changes = new ArrayList<>(List.of("{'kind':'setLook','look':'" + look + "'}"));
            for (int token = 0; token < TOKENS.size(); token++) {
                changes.add("{'kind':'setToken','token':'" + TOKENS.get(token) + "','value':'" + end[token] + "'}");
            }
            mara.publishesAtOnce(String.join(",", changes));
            String nearest = (String) mara.page()
                    .evaluate("() => fetch('/-/api/looks/tried').then(answer => answer.json())"
                            + ".then(tuned => tuned.weak[0]?.nearest ?? '')");
            if (!nearest.isEmpty()) {
                mara.publishesAtOnce("{'kind':'setToken','token':'ACCENT','value':'" + nearest + "'}");
            }
            for (ColorScheme scheme : new ColorScheme[] {ColorScheme.LIGHT, ColorScheme.DARK}) {
                Visitor visitor = new Visitor(velnik, opened(new Browser.NewContextOptions().setColorScheme(scheme)));
                for (int width : new int[] {1280, 768, 320}) {
                    visitor.page().setViewportSize(width, 800);
                    visitor.opens("/repairs/engines");
                    assertEquals(
                            visitor.page().evaluate("document.documentElement.scrollWidth - innerWidth"),
                            0,
                            look + " " + width);
                    if (width != 768) {
                        visitor.isReadable(look + " " + scheme + " tuned to " + String.join(" ", end) + " at " + width);
                    }
                }
                visitor.complainsOfNothing();
            }
        }
    }

    /** What comes late moves nothing that is seen. */
    @Test(dataProvider = "looks")
    public void everyLook_jumpsNowhere_howeverSlowlyItComes(String look) throws IOException {
        wears(look);
        try (SlowLine line = new SlowLine(velnik)) {
            for (int width : new int[] {1280, 390}) {
                Page page = context(width, 800, true).newPage();
                for (String path : new String[] {"/", "/repairs/engines"}) {
                    page.navigate(line.url(path));
                    page.waitForLoadState(LoadState.NETWORKIDLE);
                    Map<?, ?> weighed = (Map<?, ?>) page.evaluate(WEIGHED);
                    assertEquals(Watched.number(weighed, "jumps"), 0.0, look + path + " at " + width);
                }
            }
        }
    }

    /** A page, a group and a heading of the header with all that can be set of an item. */
    @Test(dataProvider = "looks")
    public void everyLook_showsItemsWithEveryOption_readably(String look) {
        String all = "{'kind':'setItems','rows':[%s],'label':null,'appearance':{'icon':'boat','picture':'moorings',"
                + "'weight':'%s','farEnd':true,'newTab':true,'note':'By the tide or the day','accent':true,"
                + "'relation':'PAID','hook':'all','arrangement':'SWITCHED_AT_END','panel':'AT_END'}}";
        mara.publishesAtOnce("{'kind':'setLook','look':'" + look + "'},"
                + all.formatted(
                        "{'item':'main-list','page':'hire'},{'item':'main-list','page':'moorings'},"
                                + "{'item':'main-list-on-the-water','page':null}",
                        "BUTTON")
                + ","
                + all.formatted(
                        "{'item':'main-list','page':'repairs'},{'item':'main-list','page':'canoes'}", "STRONG"));
        for (ColorScheme scheme : new ColorScheme[] {ColorScheme.LIGHT, ColorScheme.DARK}) {
            Visitor visitor = new Visitor(velnik, opened(new Browser.NewContextOptions().setColorScheme(scheme)));
            for (int width : new int[] {1280, 390}) {
                visitor.page().setViewportSize(width, 800);
                visitor.opens("/hire/canoes");
                visitor.page().evaluate("document.querySelectorAll('details').forEach(each => each.open = true)");
                assertThat(visitor.page().locator(".site-header .note:visible").first())
                        .hasText("By the tide or the day");
                looksAt(visitor, scheme, look + " " + scheme + " every option at " + width);
                assertEquals(
                        visitor.page().evaluate("document.documentElement.scrollWidth - innerWidth"), 0, look + width);
            }
            visitor.complainsOfNothing();
        }
    }

    /** One word of 200 letters breaks wherever it is: in every zone, in titles, in what opens. */
    @Test(dataProvider = "looks")
    public void everyLook_breaksAWordOfAnyLength(String look) {
        String word = "W".repeat(200);
        List<String> changes = new ArrayList<>(List.of("{'kind':'setLook','look':'" + look + "'}"));
        for (String page : List.of("repairs", "hulls", "wooden-hulls")) {
            changes.add("{'kind':'retitlePage','page':'" + page + "','title':'" + word + "'}");
        }
        for (String menu : List.of("main", "workshop", "footer", "elsewhere")) {
            changes.add("{'kind':'addItems','items':[{'id':'long-" + menu + "','place':{'parent':'" + menu
                    + "','after':null,'anchor':null},'kind':{'kind':'TEXT','page':null,'carries':null,'address':null,"
                    + "'menu':null,'list':null},'label':'" + word + "'}]}");
        }
        mara.publishesAtOnce(String.join(",", changes));
        Visitor visitor = new Visitor(velnik, opened(new Browser.NewContextOptions()));
        for (int width : new int[] {1280, 768, 320}) {
            visitor.page().setViewportSize(width, 800);
            visitor.opens("/repairs/hulls");
            visitor.page().evaluate("document.querySelectorAll('details').forEach(each => each.open = true)");
            assertEquals(
                    visitor.page()
                            .evaluate("[...document.querySelectorAll('.label, h1, .trail a, .subpages a')]"
                                    + ".filter(each => each.checkVisibility() && !each.closest('.unseen'))"
                                    + ".filter(each => each.getBoundingClientRect().right > innerWidth).length"),
                    0,
                    look + " at " + width);
            assertEquals(visitor.page().evaluate("document.documentElement.scrollWidth - innerWidth"), 0, look + width);
        }
        visitor.complainsOfNothing();
    }

    /** Read from the right, in the colours of somebody's system, and four times as big as usual. */
    @Test(dataProvider = "looks")
    public void everyLook_isWhole_howeverItIsRead(String look) {
        mara.publishesAtOnce(
                "{'kind':'setLook','look':'" + look + "'},{'kind':'setDetails','language':'ar','name':'حوض السفن'}");
        Visitor visitor = new Visitor(
                velnik,
                opened(new Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setForcedColors(ForcedColors.ACTIVE)));
        for (int[] size : new int[][] {{1280, 800}, {320, 200}}) {
            visitor.page().setViewportSize(size[0], size[1]);
            visitor.opens("/repairs/engines");
            String where = look + " at " + size[0];
            assertThat(visitor.page().locator("html")).hasAttribute("dir", "rtl");
            assertEquals(visitor.page().evaluate("document.documentElement.scrollWidth - innerWidth"), 0, where);
            assertEquals(
                    visitor.page()
                            .locator("h1")
                            .evaluate("heading => { const range = document.createRange();"
                                    + " range.selectNodeContents(heading); const words = range.getBoundingClientRect();"
                                    + " return words.left >= 0 && words.right <= innerWidth; }"),
                    true,
                    where);
        }
        visitor.page().setViewportSize(1280, 800);
        Object marks = visitor.page()
                .evaluate("[...document.querySelectorAll('nav [aria-current=page]')].filter(a => a.checkVisibility())"
                        + ".map(a => getComputedStyle(a).textDecorationLine)");
        assertTrue(marks.toString().contains("underline"), look + ": what says where one is: " + marks);
        visitor.complainsOfNothing();
    }

    /** A font that arrives long after the first drawing. */
    private static void late(Route route) {
        route.request().frame().page().waitForTimeout(500);
        route.resume();
    }

    @Test
    public void everyType_isLight_andJumpsNowhere() {
        for (String type : new String[] {
            "BRYGADA_FIGTREE",
            "ROKKITT_MULISH",
            "LORA_FAMILJEN",
            "BRICOLAGE",
            "FAMILJEN_FIGTREE",
            "FAMILJEN_BRYGADA",
            "MULISH",
            "SYSTEM"
        }) {
            mara.publishesAtOnce("{'kind':'setToken','token':'TYPE','value':'" + type + "'}");
            Visitor visitor = new Visitor(velnik, wide());
            visitor.page().route("**/*.woff2", EveryLookIT::late);
            visitor.opens("/hire/group-bookings");
            visitor.page().waitForLoadState(LoadState.NETWORKIDLE);
            Map<?, ?> weighed = (Map<?, ?>) visitor.page().evaluate(WEIGHED);
            assertEquals(Watched.number(weighed, "jumps"), 0.0, type + ": " + weighed);
            assertTrue(Watched.number(weighed, "fonts") <= 60 * KILOBYTE, type + ": " + weighed);
            assertEquals(Watched.number(weighed, "fonts") == 0, type.equals("SYSTEM"), type + ": " + weighed);
            assertTrue(Watched.number(weighed, "all") <= 30 * KILOBYTE, type + ": " + weighed);
            visitor.complainsOfNothing();
        }
    }

    /** The first tap opens, wherever the look has what opens. */
    @Test(dataProvider = "looks")
    public void everyLook_isUsedByFingers(String look) {
        wears(look);
        Visitor tablet = new Visitor(velnik, tablet());
        tablet.opens("/news");
        Locator header = tablet.page().locator(".site-header");
        switch (look) {
            case "TOWPATH" ->
                header.locator(".header summary", withText("Under Repairs")).tap();
            case "TIDETABLE" -> header.locator(".sheet > summary").tap();
            default -> header.getByLabel("Under Repairs, 3 pages").tap();
        }
        header.locator("a:visible", withText("Hulls")).first().tap();
        tablet.reads("Hulls");

        Visitor phone = new Visitor(
                velnik,
                opened(new Browser.NewContextOptions().setViewportSize(390, 844).setHasTouch(true)));
        phone.opens("/news");
        phone.drawer().locator("> summary").tap();
        phone.drawer().locator("summary", withText("Under Repairs")).tap();
        phone.drawer().locator("a:visible", withText("Hulls")).first().tap();
        phone.reads("Hulls");
        tablet.complainsOfNothing();
        phone.complainsOfNothing();
    }

    private static Locator.LocatorOptions withText(String text) {
        return new Locator.LocatorOptions().setHasText(text);
    }

    @Test
    public void weir_hasARowForTheSectionOneIsIn() {
        wears("WEIR");
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/repairs/engines");
        assertThat(visitor.link("Hulls")).isVisible();
        double second = visitor.link("Hulls").boundingBox().y;
        assertTrue(second > visitor.link("News").boundingBox().y + 20, "a row of its own");
        assertTrue(second < visitor.page().locator("h1").boundingBox().y, "above the page");
        assertThat(visitor.link("Swinging moorings")).isHidden();
        visitor.across().getByText("Moorings").first().click();
        visitor.link("Swinging moorings").click();
        visitor.reads("Swinging moorings");
        assertThat(visitor.link("Hulls")).isHidden();
        visitor.complainsOfNothing();
    }

    @Test
    public void towpath_unfoldsAtTheSide_byKeyAndWithoutScript() {
        wears("TOWPATH");
        for (boolean script : new boolean[] {true, false}) {
            Visitor visitor = new Visitor(velnik, context(1280, 800, script));
            visitor.opens("/hire");
            Locator side = visitor.page().locator(".site-header .header");
            Locator hulls = side.getByText("Hulls");
            assertThat(side.getByText("Canoes")).isVisible(); // where one is stands open
            assertThat(hulls).isHidden();
            assertTrue(side.boundingBox().x + side.boundingBox().width
                    < visitor.page().locator("h1").boundingBox().x);
            Locator repairs = side.locator("summary", new Locator.LocatorOptions().setHasText("Under Repairs"));
            repairs.press("Enter");
            assertThat(hulls).isVisible();
            visitor.page().locator("h1").click();
            assertThat(hulls).isVisible(); // nothing lies over the page, so nothing has to go
            hulls.click();
            visitor.reads("Hulls");
            visitor.complainsOfNothing();
        }
    }

    @Test
    public void tidetable_showsAllOnASheet_narrowedByTyping() {
        wears("TIDETABLE");
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/");
        Locator sheet = visitor.page().locator(".sheet");
        Locator summary = sheet.locator("> summary");
        Locator field = sheet.getByRole(AriaRole.SEARCHBOX);
        Locator links = sheet.locator(".menu a:visible");
        summary.press("Enter");
        assertThat(field).isFocused();
        int all = links.count();
        visitor.isAccessible("the sheet");
        visitor.page().keyboard().type("éngi");
        assertThat(links).hasText(new String[] {"Repairs", "Engines"});
        field.fill("zebra");
        assertThat(links).hasCount(0);
        assertThat(sheet.getByRole(AriaRole.STATUS)).hasText("Nothing here is called that.");
        visitor.page().keyboard().press("Escape");
        assertThat(sheet).not().hasAttribute("open", "");
        assertThat(summary).isFocused();
        summary.press("Enter");
        assertThat(links).hasCount(all);
        visitor.page().keyboard().type("canoe");
        visitor.page().keyboard().press("Enter");
        visitor.reads("Canoes");
        summary.click();
        field.fill("varnish boat");
        visitor.page().keyboard().press("Enter"); // no row is called that, so all pages are searched
        visitor.reads("Search");
        assertThat(visitor.page().getByRole(AriaRole.STATUS).last()).containsText("“varnish boat”");

        Visitor phone = new Visitor(velnik, phone());
        phone.opens("/");
        phone.drawer().locator("> summary").click();
        phone.drawer().getByRole(AriaRole.SEARCHBOX).fill("knots");
        phone.drawer().getByText("Knots in an evening").click(); // what it is under has unfolded
        phone.reads("Knots in an evening");

        Visitor plain = new Visitor(velnik, context(1280, 800, false));
        plain.opens("/");
        plain.page().locator(".sheet > summary").click();
        plain.page().locator(".sheet").getByText("Canoes").click();
        plain.reads("Canoes");
        visitor.complainsOfNothing();
        phone.complainsOfNothing();
    }
}
