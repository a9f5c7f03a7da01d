package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.BoundingBox;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** The published site: without script, by keyboard, and on a phone. */
public class VisitorIT extends DemoTest {
    private static final String AS_A = "'form':'%s','size':null,'gap':null,'levels':null,'overflow':null";

    /** Who arranged the header otherwise, for a test. */
    private @Nullable Owner mara;

    @AfterMethod(alwaysRun = true)
    public void arrangeAsBefore() {
        if (mara != null) {
            mara.undoesEverythingAndPublishes();
            mara = null;
        }
    }

    private static String mainInHeader(String how) {
        return "{'kind':'assignMenus','zone':'HEADER','scope':{'kind':'EVERYWHERE','page':null,'layout':null,"
                + "'pages':null},'says':{'kind':'INSTEAD','menus':[{'menu':'main','alignment':null,'width':null,"
                + "'fromLevel':1,'currentBranchOnly':false," + how + "}],'before':null,'after':null}}";
    }

    @Test
    public void withoutScript_aVisitorReachesEveryPage() {
        Visitor visitor = new Visitor(velnik, context(1280, 800, false));
        visitor.opens("/");
        // Reached by Tab: the focus opens what is under a page.
        visitor.link("Hire").focus();
        visitor.page().keyboard().press("Tab");
        visitor.page().keyboard().press("Tab");
        assertThat(visitor.link("Canoes")).isFocused();
        visitor.page().keyboard().press("Enter");
        visitor.reads("Canoes");
        visitor.across().getByText("Courses").hover();
        visitor.across().getByText("Knots in an evening").click();
        visitor.reads("Knots in an evening");

        Visitor onPhone = new Visitor(velnik, context(390, 844, false));
        onPhone.opens("/");
        onPhone.drawer().locator("> summary").click();
        onPhone.drawer()
                .getByText("Moorings", new Locator.GetByTextOptions().setExact(true))
                .click();
        onPhone.drawer().getByText("Winter storage").click();
        onPhone.reads("Winter storage");
    }

    /** Its mark stands beside its words, and takes none of the room that they have on every other page. */
    @Test
    public void rowOfThePageOneIsOn_isAsHighAsTheOthersOfItsPanel() {
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/hire/prices");
        visitor.link("Hire").hover();
        assertThat(visitor.link("What it costs")).isVisible();
        assertEquals(
                visitor.across().locator(".panel > .current > a").evaluate("link => link.offsetHeight"),
                visitor.link("Canoes").evaluate("link => link.offsetHeight"));
    }

    @Test
    public void onAPhone_theMenuFolds_andKnowsWhereOneIs() {
        Visitor visitor = new Visitor(velnik, phone());
        visitor.opens("/repairs/engines");
        assertThat(visitor.across()).isHidden();
        visitor.drawer().locator("> summary").click();
        assertThat(visitor.drawer().locator("[aria-current=page]")).hasText("Engines");
        assertThat(visitor.drawer().locator("[aria-current=page]")).isVisible();
        assertThat(visitor.drawer().getByText("Canoes")).isHidden();
        visitor.isAccessible("the drawer at 390 px");
        visitor.page().keyboard().press("Escape");
        assertThat(visitor.drawer()).not().hasAttribute("open", "");
        Object overflow = visitor.page().evaluate("document.documentElement.scrollWidth - innerWidth");
        assertEquals(overflow, 0, "the page is wider than the phone");
        visitor.complainsOfNothing();
    }

    /** The header is too long for 1000 pixels. */
    @Test
    public void rowThatIsTooLong_endsInMore_orFoldsToAButton() {
        String header = "'form':null,'size':'LARGE','gap':'WIDE','levels':null,'overflow':'%s'";
        mara = new Owner(velnik, wide()).signsIn();
        mara.sends(mainInHeader(header.formatted("MORE"))).publishes();
        Visitor visitor = new Visitor(velnik, context(1000, 800, true));
        visitor.opens("/");
        Locator more = visitor.across().locator("> ul > .more");
        assertThat(more.locator("> button")).hasText("More");
        assertThat(visitor.link("Find us")).isHidden();
        more.locator("> button").click();
        assertThat(visitor.link("Find us")).isVisible();
        visitor.isAccessible("a header that ends in More");
        visitor.page().setViewportSize(1900, 800);
        assertThat(more).hasCount(0);
        assertThat(visitor.link("Find us")).isVisible();

        mara.sends(mainInHeader(header.formatted("FOLD"))).publishes();
        visitor.page().setViewportSize(1000, 800);
        visitor.opens("/contact");
        Locator button = visitor.across().locator(".unfold");
        assertThat(button).hasAttribute("aria-expanded", "false");
        assertThat(visitor.link("Home")).isHidden();
        Object before = topOfText(visitor);
        button.click();
        assertThat(visitor.link("Home")).isVisible();
        assertEquals(topOfText(visitor), before, "it opens over the page");
        visitor.link("Hire").hover();
        assertThat(visitor.link("Canoes")).isHidden();
        visitor.page().getByLabel("Under Hire").click();
        assertThat(visitor.link("Canoes")).isVisible();
        visitor.isAccessible("a header that folds");
        visitor.page().setViewportSize(1000, 740); // as when a tablet takes its own bars away
        assertThat(visitor.link("Canoes")).isVisible();
        visitor.page().keyboard().press("Escape");
        assertThat(visitor.link("Home")).isHidden();
        assertThat(button).isFocused();
        assertThat(button).hasAttribute("aria-expanded", "false");
        button.click();
        visitor.page().mouse().click(100, 700);
        assertThat(visitor.link("Home")).isHidden();

        Visitor plain = new Visitor(velnik, context(1000, 800, false));
        plain.opens("/");
        assertThat(plain.link("Find us")).isVisible();
        mara.opensMenu("Main").chooses("Kayaks");
        assertThat(mara.window().locator(".is-folded .pointed").getByText("Kayaks"))
                .isVisible();
        visitor.complainsOfNothing();
    }

    private static Object topOfText(Visitor visitor) {
        return visitor.page().locator("h1").evaluate("heading => heading.getBoundingClientRect().top");
    }

    @Test
    public void sideDrawer_opensWhereTheMenuStands_byMouseKeyAndWithoutScript() {
        mara = new Owner(velnik, wide()).signsIn();
        mara.sends(mainInHeader(AS_A.formatted("DRAWER"))).publishes();
        for (boolean script : new boolean[] {true, false}) {
            Visitor visitor = new Visitor(velnik, context(1280, 800, script));
            visitor.opens("/hire/kayaks");
            Locator drawer = visitor.page().locator(".header .side");
            Locator hire = drawer.getByText("Hire", new Locator.GetByTextOptions().setExact(true));
            assertThat(hire).isHidden();
            drawer.locator("> summary").click();
            assertThat(drawer.getByText("Close")).isVisible();
            assertThat(drawer.locator("[aria-current=page]")).hasText("Kayaks");
            assertEquals(
                    drawer.locator("> ul").boundingBox().x
                            + drawer.locator("> ul").boundingBox().width,
                    1280.0,
                    1.0);
            if (script) {
                visitor.isAccessible("a drawer at the side");
                hire.focus();
                visitor.page().keyboard().press("Escape");
                assertThat(hire).isHidden();
                assertThat(drawer.locator("> summary")).isFocused();
                visitor.page().keyboard().press("Enter");
                assertThat(hire).isVisible();
                visitor.page().locator("h1").click();
                assertThat(hire).isHidden();
            } else {
                drawer.locator("> summary").click();
                assertThat(hire).isHidden();
            }
            visitor.complainsOfNothing();
        }
    }

    @Test
    public void whatUnfoldsInTheHeader_liesOverThePage_andGoesByEscape() {
        mara = new Owner(velnik, wide()).signsIn();
        Visitor visitor = new Visitor(velnik, wide());
        for (String form : new String[] {"FOLDING", "BUTTON"}) {
            mara.sends(mainInHeader(AS_A.formatted(form))).publishes();
            visitor.opens("/hire/kayaks");
            Locator kayaks = visitor.page().locator(".header").getByText("Kayaks");
            Locator summary = visitor.page().locator(".header summary:visible").first();
            assertThat(kayaks).isHidden();
            double heading = visitor.page().locator("h1").boundingBox().y;
            summary.click();
            assertThat(kayaks).isVisible();
            assertEquals(visitor.page().locator("h1").boundingBox().y, heading, 0.5, form);
            visitor.isAccessible("a header with a menu laid out " + form);
            visitor.page().keyboard().press("Escape");
            assertThat(kayaks).isHidden();
            assertThat(summary).isFocused();
            summary.press("Enter");
            assertThat(kayaks).isVisible();
            visitor.page().locator("h1").click();
            assertThat(kayaks).isHidden();
        }
        visitor.complainsOfNothing();
    }

    @Test
    public void thirdLevels_openBeside_andCoverNothing() {
        mara = new Owner(velnik, wide()).signsIn();
        mara.sends("{'kind':'setItemKind','item':'main-list','to':{'kind':'LIST','list':{'source':'WHOLE_TREE',"
                        + "'page':null,'topic':null,'levels':3,'order':'TREE','atMost':null,'leftOut':[]}}}")
                .sends(mainInHeader("'form':null,'size':null,'gap':null,'levels':3,'overflow':null"))
                .publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/");
        visitor.across().getByText("Repairs").hover();
        Locator engines = visitor.across().getByText("Engines");
        engines.hover();
        Locator outboards = visitor.across().getByText("Outboards");
        assertThat(outboards).isVisible();
        BoundingBox submenu = engines.locator("xpath=ancestor::ul[1]").boundingBox();
        assertTrue(outboards.boundingBox().x >= submenu.x + submenu.width - 1, "it covers what it belongs to");
        outboards.click();
        visitor.reads("Outboards");
        visitor.complainsOfNothing();
    }

    @Test
    public void on320Pixels_everyZoneFits() {
        Visitor visitor = new Visitor(velnik, context(320, 700, true));
        for (String path : new String[] {"/", "/repairs/engines", "/about-us/find-us", "/hire/group-bookings"}) {
            visitor.opens(path);
            assertEquals(visitor.page().evaluate("document.documentElement.scrollWidth - innerWidth"), 0, path);
            visitor.isAccessible(path + " at 320 px");
        }
        visitor.opens("/repairs/engines");
        assertThat(visitor.page().locator(".sidebar")).isVisible();
        visitor.complainsOfNothing();
    }

    @Test
    public void byKeyboard_aVisitorOpensAndClosesSubmenus() {
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/");
        Locator opener = visitor.across().getByLabel("Under Hire, 5 pages");
        opener.focus();
        visitor.page().keyboard().press("Enter");
        assertThat(opener).hasAttribute("aria-expanded", "true");
        assertThat(visitor.across().getByText("Canoes")).isVisible();
        visitor.isAccessible("an open submenu");
        visitor.page().keyboard().press("Tab");
        visitor.page().keyboard().press("Escape");
        assertThat(visitor.across().getByText("Canoes")).isHidden();
        assertThat(opener).isFocused();
        visitor.across().locator("button.words").first().focus();
        visitor.page().keyboard().press("Space");
        assertThat(visitor.across().getByText("Pontoon berths")).isVisible();
        visitor.complainsOfNothing();
    }
}
