package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.Media;
import java.util.Map;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The looks of the visitor site: chosen by its owner, and used by everybody. */
public class LooksIT extends UndoneTest {
    private static final int KILOBYTE = 1000;

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

    @DataProvider
    public Object[][] looks() {
        return new Object[][] {{"STAITHE"}, {"WEIR"}, {"TOWPATH"}, {"TIDETABLE"}};
    }

    private void wears(String look) {
        mara.sends("{'kind':'setLook','look':'" + look + "'}");
        if (mara.button("Publish").count() > 0) {
            mara.publishes();
        }
    }

    @Test
    public void owner_comparesLooks_choosesOne_andTakesItBack() {
        mara.opensScreen("Looks");
        Page page = mara.page();
        Locator towpath = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Towpath"));
        assertThat(towpath.locator(".hint")).containsText("Main and Short stand at the side, and unfold there.");
        assertThat(towpath.locator("iframe")).hasCount(2);
        assertThat(towpath.frameLocator("iframe").first().locator("body")).hasAttribute("data-look", "towpath");
        mara.isAccessible("the looks");

        page.getByText("Side by side").click();
        mara.choosesFrom("The look on the left", "Towpath").choosesFrom("The look on the right", "Tidetable");
        FrameLocator left = page.frameLocator("iframe >> nth=0");
        FrameLocator right = page.frameLocator("iframe >> nth=1");
        assertThat(left.locator("body")).hasAttribute("data-look", "towpath");
        assertThat(right.locator("body")).hasAttribute("data-look", "tidetable");
        left.locator(".header a", new FrameLocator.LocatorOptions().setHasText("Hire"))
                .dispatchEvent("click");
        for (FrameLocator side : new FrameLocator[] {left, right}) {
            assertThat(side.locator("h1")).hasText("Hire");
        }
        assertThat(left.locator("body")).hasAttribute("data-look", "towpath");
        assertThat(right.locator("body")).hasAttribute("data-look", "tidetable");
        mara.isAccessible("two looks side by side");

        page.getByText("All four").click();
        mara.clicks("Use Towpath").isTold("Visitors see the site in the look Towpath once you publish.");
        assertThat(towpath.getByText("In use")).isVisible();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/hire");
        assertThat(visitor.page().locator("body")).hasAttribute("data-look", "staithe");
        mara.publishes();
        visitor.opens("/hire");
        assertThat(visitor.page().locator("body")).hasAttribute("data-look", "towpath");
        mara.presses("Control+z");
        assertThat(towpath.getByText("In use")).hasCount(0);
        visitor.complainsOfNothing();
        mara.complainsOfNothing();
    }

    @Test
    public void preview_showsAnotherLook_onWhicheverScreen_andAlongItsLinks() {
        mara.chooses("Canoes").clicks("In another look");
        mara.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Weir"))
                .click();
        assertThat(mara.window().locator("body")).hasAttribute("data-look", "weir");
        assertThat(mara.window().locator("h1")).hasText("Canoes");
        mara.opensScreen("Menus");
        assertThat(mara.button("In the look Weir")).isVisible();
        mara.window()
                .locator(".header a", new FrameLocator.LocatorOptions().setHasText("News"))
                .first()
                .dispatchEvent("click");
        assertThat(mara.window().locator("h1")).hasText("News");
        assertThat(mara.window().locator("body")).hasAttribute("data-look", "weir");
        mara.clicks("In the look Weir").page().getByText("The site’s own look").click();
        assertThat(mara.window().locator("body")).hasAttribute("data-look", "staithe");
        assertThat(mara.button("Publish")).hasCount(0);
        mara.complainsOfNothing();
    }

    @Test
    public void preview_putsOnAnotherLook_withoutLosingThePage() {
        mara.chooses("Canoes");
        assertThat(mara.window().locator("h1")).hasText("Canoes");
        String wear = "[{ kind: 'setLook', look: 'WEIR' }]";
        assertEquals(mara.posts("changes", Editor.NEW_REQUEST + ", basedOn: copy.revision, changes: " + wear), 200);
        assertThat(mara.window().locator("body")).hasAttribute("data-look", "weir");
        assertThat(mara.window().locator("h1")).hasText("Canoes");
        assertThat(mara.window().locator("link[rel=stylesheet]")).hasCount(1);
        assertThat(mara.window().locator(".site-header")).hasCSS("background-color", "rgb(38, 52, 60)");
        mara.complainsOfNothing();
    }

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
                visitor.isAccessible(look + " " + scheme + " " + path);
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
            visitor.isAccessible(look + " " + scheme + " at 320 px");
            visitor.page().emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            assertThat(visitor.page().locator("nav.zone:visible, details:visible"))
                    .hasCount(0);
            visitor.isAccessible(look + " " + scheme + " on paper");
            visitor.complainsOfNothing();
        }
    }

    /** As far as each token goes, the page stays whole and is read well. */
    @Test(dataProvider = "looks")
    public void everyLook_tunedToItsEnds_fits(String look) {
        for (String[] end : new String[][] {
            {"130", "130", "150", "24", "#1c1430", "#ffb000", "#e6ff00", "LORA_FAMILJEN", "130", "130", "KEPT"},
            {"85", "75", "60", "0", "#7f7f7f", "#404040", "#808080", "SYSTEM", "75", "75", ""},
        }) {
            mara.sends("{'kind':'setLook','look':'" + look + "'}");
            String[] tokens = {
                "SIZE", "WIDTH", "SPACING", "CORNERS", "GROUND", "ACCENT", "MAIN", "TYPE", "SIDES", "DRAWERS", "HEADER"
            };
            for (int token = 0; token < tokens.length; token++) {
                mara.sends("{'kind':'setToken','token':'" + tokens[token] + "','value':'" + end[token] + "'}");
            }
            String nearest = (String) mara.page()
                    .evaluate("() => fetch('/-/api/looks/tried').then(answer => answer.json())"
                            + ".then(tuned => tuned.weak[0]?.nearest ?? '')");
            if (!nearest.isEmpty()) {
                mara.sends("{'kind':'setToken','token':'ACCENT','value':'" + nearest + "'}");
            }
            mara.publishes();
            for (ColorScheme scheme : new ColorScheme[] {ColorScheme.LIGHT, ColorScheme.DARK}) {
                Visitor visitor = new Visitor(velnik, opened(new Browser.NewContextOptions().setColorScheme(scheme)));
                for (int width : new int[] {1280, 768, 320}) {
                    visitor.page().setViewportSize(width, 800);
                    visitor.opens("/repairs/engines");
                    assertEquals(
                            visitor.page().evaluate("document.documentElement.scrollWidth - innerWidth"),
                            0,
                            look + " " + width);
                    visitor.isAccessible(look + " " + scheme + " tuned to " + String.join(" ", end) + " at " + width);
                }
                visitor.complainsOfNothing();
            }
        }
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
            mara.sends("{'kind':'setToken','token':'TYPE','value':'" + type + "'}")
                    .publishes();
            Visitor visitor = new Visitor(velnik, wide());
            visitor.page().route("**/*.woff2", LooksIT::late);
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

    @Test
    public void owner_tunesAColourThatFails_toOneThatPasses_andAllElseByKey() {
        mara.opensScreen("Looks");
        Page page = mara.page();
        page.getByText("Tuning").click();
        FrameLocator shown = page.frameLocator("iframe");
        Locator accent = page.locator("#token-ACCENT");
        accent.fill("teal");
        accent.press("Enter");
        assertThat(page.locator(".tuning > fieldset > .problem")).hasText("“teal” is no colour; one is like #1a5f7d.");
        accent.fill("#9fd0ff");
        accent.press("Enter");
        Locator weak = page.locator(".token .problem");
        assertThat(weak).containsText("Links would be hard to read: they stand out by 1.4 : 1, and 4.5 : 1 is needed.");
        assertThat(shown.locator("html")).hasCSS("--accent", Pattern.compile("#9fd0ff"));
        mara.isAccessible("tuning");
        weak.getByRole(AriaRole.BUTTON).click();
        assertThat(weak).hasCount(0);
        String chosen = accent.inputValue();
        assertThat(shown.locator("a").last()).not().hasCSS("color", "rgb(159, 208, 255)");

        Locator size = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Size of type"));
        assertThat(shown.locator("html")).hasCSS("font-size", "17px");
        size.press("ArrowRight");
        size.press("ArrowRight");
        assertThat(size).hasAttribute("aria-valuetext", "110 %");
        mara.isTold("Once you publish, the size of type of the site will be 110 %.");
        mara.presses("Control+z"); // both presses were one edit
        assertThat(size).hasAttribute("aria-valuetext", "100 %");
        mara.presses("Control+Shift+z");
        assertThat(size).hasAttribute("aria-valuetext", "110 %");
        assertThat(shown.locator("html")).hasCSS("font-size", "18.7px");
        page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("Logo in the header"))
                .press("Space");
        assertThat(shown.locator(".site-name img")).isHidden();
        String light =
                (String) shown.locator("body").evaluate("body => getComputedStyle(body.parentElement).backgroundColor");
        mara.choosesFrom("Place of the header", "Always in sight")
                .isTold("Once you publish, the place of the header of the site will be always in sight.");
        assertThat(shown.locator(".site-header")).hasCSS("position", "sticky");
        mara.clicks("Reset the place of the header");
        assertThat(shown.locator(".site-header")).not().hasCSS("position", "sticky");
        page.getByText("Dark").click();
        assertThat(shown.locator("html")).not().hasCSS("background-color", light);

        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/hire");
        assertThat(visitor.page().locator(".site-name img")).isHidden();
        visitor.isAccessible("a tuned look with the accent " + chosen);
        mara.clicks("Reset the accent")
                .isTold("Once you publish, the accent of the site will be the look’s own again.");
        assertThat(accent).hasValue("#12607f");
        mara.clicks("Reset all")
                .isTold("Once you publish, the size of type of the site will be the look’s own again."
                        + " Once you publish, the logo in the header of the site will be shown.");
        assertThat(page.getByText("the look’s own", new Page.GetByTextOptions().setExact(true)))
                .hasCount(12);
        mara.presses("Control+z");
        assertThat(mara.button("Reset all")).isVisible();
        visitor.complainsOfNothing();
        mara.forgives("422"); // "teal"
        mara.complainsOfNothing();
    }

    @Test
    public void weir_hasARowForTheSectionOneIsIn() {
        wears("WEIR");
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/hire/kayaks");
        assertThat(visitor.link("Canoes")).isVisible();
        double second = visitor.link("Canoes").boundingBox().y;
        assertTrue(second > visitor.link("News").boundingBox().y + 20, "a row of its own");
        assertTrue(second < visitor.page().locator("h1").boundingBox().y, "above the page");
        assertThat(visitor.link("Hulls")).isHidden();
        visitor.across().getByLabel("Under Repairs, 3 pages").click();
        visitor.link("Hulls").click();
        visitor.reads("Hulls");
        assertThat(visitor.link("Canoes")).isHidden();
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
