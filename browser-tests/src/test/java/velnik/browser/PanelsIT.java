package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Arrangements: what is beneath an item side by side, or one at a time, wherever it opens. */
public class PanelsIT extends UndoneTest {
    private static final List<String> ARRANGEMENTS = List.of(
            "LIST",
            "TWO_BESIDE",
            "FIVE_BESIDE",
            "SWITCHED_AT_START",
            "SWITCHED_ABOVE",
            "SWITCHED_AT_END",
            "SWITCHED_BELOW");
    private static final List<String> PANELS = List.of("UNDER", "AT_START", "AT_END", "ACROSS");

    /** The header holds “The yard”, with three sections and what is in them, between two plain items. */
    @BeforeMethod(dependsOnMethods = "signIn")
    public void buildTheYard() {
        mara.sends(Stream.of(
                        "{'kind':'addMenu','menu':'yard','after':null,'name':'Yard'}",
                        "{'kind':'addItems','items':[" + page("first", "yard", "courses", 0) + "]}",
                        "{'kind':'addItems','items':[{'id':'all','place':{'parent':'yard','after':'first',"
                                + "'anchor':null},'kind':" + kind("HEADING", "null", "null")
                                + ",'label':'The yard'}]}",
                        "{'kind':'addItems','items':[" + page("r", "all", "repairs", 2) + "]}",
                        "{'kind':'addItems','items':[" + page("h", "all", "hire", 1) + "]}",
                        "{'kind':'addItems','items':[" + page("m", "all", "moorings", 1) + "]}",
                        stands("HEADER", "null"))
                .collect(Collectors.joining(",")));
    }

    private static String stands(String zone, String form) {
        return "{'kind':'assignMenus','zone':'" + zone + "','scope':{'kind':'EVERYWHERE','page':null,'layout':null,"
                + "'pages':null},'says':{'kind':'INSTEAD','menus':[{'menu':'yard','form':" + form
                + ",'size':null,'alignment':null,'width':null,'gap':null,'overflow':null,'fromLevel':1,"
                + "'levels':null,'currentBranchOnly':false}],'before':null,'after':null}}";
    }

    private static String kind(String kind, String page, String carries) {
        return "{'kind':'" + kind + "','page':" + page + ",'carries':" + carries
                + ",'address':null,'menu':null,'list':null}";
    }

    private static String page(String id, String parent, String page, int carries) {
        return "{'id':'" + id + "','place':{'parent':'" + parent + "','after':null,'anchor':null},'kind':"
                + kind("PAGE", "'" + page + "'", String.valueOf(carries)) + ",'label':''}";
    }

    private static String arranges(String item, String arrangement, String panel) {
        return "{'kind':'setItems','rows':[{'item':'" + item + "','page':null}],'label':null,'appearance':{"
                + "'arrangement':'" + arrangement + "','panel':'" + panel + "'}}";
    }

    private static Locator yard(Visitor visitor) {
        return visitor.page().locator("[data-item=all] > button");
    }

    private static Locator beneath(Visitor visitor) {
        return visitor.page().locator("[data-item=all] > ul");
    }

    @Test
    public void owner_buildsAPanelOfThreeColumns_andSeesItOpenInThePreview() {
        mara.opensScreen("Menus").chooses("The yard");
        mara.choosesFrom("What is beneath", "Three side by side").isTold("The yard shows another way.");
        FrameLocator window = mara.window();
        Locator panel = window.locator(".across [data-item=all] > ul.abreast-3");
        assertThat(panel).isVisible();
        mara.choosesFrom("Opens", "Across the row");
        assertThat(window.locator(".across [data-item=all]")).hasClass("opens-across pointed held-open");
        mara.isAccessible("arranging");
        mara.publishes();

        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/news");
        yard(visitor).hover();
        for (String section : List.of("Repairs", "Hire", "Moorings")) {
            assertThat(beneath(visitor).getByText(section, new Locator.GetByTextOptions().setExact(true)))
                    .isVisible();
        }
        assertThat(beneath(visitor).getByText("Engines")).isVisible(); // what is beneath those stands open
        assertEquals(
                visitor.page()
                        .evaluate("new Set([...document.querySelectorAll('[data-item=all] > ul > li')]"
                                + ".map(each => each.getBoundingClientRect().top)).size"),
                1,
                "side by side");
        visitor.page().keyboard().press("Escape");
        visitor.page().mouse().move(600, 700);
        assertThat(beneath(visitor)).isHidden();

        Visitor phone = new Visitor(velnik, phone());
        phone.opens("/news");
        phone.page().locator(".drawer > summary").click();
        phone.page()
                .locator(".drawer summary")
                .filter(new Locator.FilterOptions().setHasText("The yard"))
                .click();
        assertThat(phone.page().locator(".drawer").getByText("Moorings").first())
                .isVisible();
        visitor.complainsOfNothing();
        phone.complainsOfNothing();
    }

    @Test
    public void ownerWhoSelectsOneOfSeveral_seesWhatIsBeneathThatOne() {
        mara.sends(arranges("all", "SWITCHED_AT_START", "ACROSS")).opensScreen("Menus");
        Locator panel = mara.window().locator(".across [data-item=all] > ul");
        for (String section : List.of("Hire", "Repairs")) {
            mara.chooses(section);
            assertThat(panel.locator("> .pointed > ul")).isVisible();
            assertThat(panel.locator("> li:not(.pointed) > ul:visible")).hasCount(0);
        }
    }

    @Test
    public void visitor_switches_byMouseKeyAndTouch_andWithoutScript() {
        mara.sends(arranges("all", "SWITCHED_AT_START", "UNDER")).publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/news");
        Locator yard = yard(visitor);
        yard.focus();
        visitor.page().keyboard().press("Enter");
        showsAlone(visitor, "m");
        Locator hire = visitor.page().getByLabel("Under Hire, 5 pages");
        hire.focus();
        visitor.page().keyboard().press("Enter");
        showsAlone(visitor, "h");
        assertThat(hire).hasAttribute("aria-expanded", "true");
        visitor.page().keyboard().press("Enter");
        showsAlone(visitor, "h"); // one always shows
        beneath(visitor).locator("> [data-item=r] > a").hover();
        showsAlone(visitor, "r");
        visitor.isAccessible("one at a time");
        visitor.page().keyboard().press("Escape");
        assertThat(yard).isFocused();
        visitor.page().mouse().move(600, 700);
        assertThat(beneath(visitor)).isHidden();

        Visitor touching = new Visitor(velnik, tablet());
        touching.opens("/news");
        yard(touching).tap();
        touching.page().getByLabel("Under Repairs, 3 pages").tap();
        showsAlone(touching, "r");

        Visitor plain = new Visitor(velnik, context(1280, 800, false));
        plain.opens("/news");
        yard(plain).hover();
        showsAlone(plain, "m");
        beneath(plain).locator("> [data-item=h] > a").hover();
        showsAlone(plain, "h");
        Stream.of(visitor, touching, plain).forEach(Visitor::complainsOfNothing);
    }

    private static void showsAlone(Visitor visitor, String item) {
        for (String each : List.of("r", "h", "m")) {
            Locator shown = beneath(visitor).locator("> [data-item=" + each + "] > ul");
            assertThat(shown).isVisible(new LocatorAssertions.IsVisibleOptions().setVisible(each.equals(item)));
        }
    }

    /** Where a panel stands to the menu that it opens from. */
    private static final String STANDS = "list => { const own = list.getBoundingClientRect();"
            + " const menu = list.closest('.menu').getBoundingClientRect();"
            + " const above = list.previousElementSibling.getBoundingClientRect();"
            + " return own.right > innerWidth || own.left < 0 ? 'beyond the screen'"
            + " : own.left >= menu.right - 2 ? 'beside' : own.top >= above.bottom - 2 ? 'in place' : 'over it'; }";

    @Test
    public void panelOfAMenuThatFliesOut_opensBesideIt_orInPlace_byAFinger() {
        for (String arrangement : List.of("THREE_BESIDE", "SWITCHED_ABOVE")) {
            mara.publishesAtOnce(stands("SIDEBAR", "'FLYING_OUT'") + "," + arranges("all", arrangement, "ACROSS"));
            for (int width : new int[] {1280, 1024, 390}) {
                Visitor visitor = new Visitor(
                        velnik,
                        opened(new Browser.NewContextOptions()
                                .setViewportSize(width, 800)
                                .setHasTouch(true)));
                visitor.opens("/news");
                Locator item = visitor.page().locator(".sidebar [data-item=all]");
                item.locator("> button").tap();
                assertThat(item.locator("> ul")).isVisible();
                assertEquals(
                        item.locator("> ul").evaluate(STANDS),
                        width > 960 ? "beside" : "in place",
                        arrangement + " at " + width);
                visitor.isAccessible(arrangement + " at " + width);
                visitor.complainsOfNothing();
            }
        }
    }

    @DataProvider
    public Object[][] looksWithARow() {
        return new Object[][] {{"STAITHE"}, {"WEIR"}};
    }

    /** However it is arranged and wherever it opens, none of it is beyond the screen, nor beyond the panel's own edge. */
    @Test(dataProvider = "looksWithARow")
    public void everyArrangement_staysOnTheScreen(String look) {
        mara.sends("{'kind':'setLook','look':'" + look + "'}");
        String far = IntStream.range(0, 7)
                .mapToObj(item -> "{'id':'far" + item + "','place':{'parent':'yard','after':'first','anchor':null},"
                        + "'kind':" + kind("TEXT", "null", "null") + ",'label':'Ask Jo'}")
                .collect(Collectors.joining(","));
        mara.sends("{'kind':'addItems','items':[" + far + "]}," + BlocksIT.everyBlock("all"));
        for (int turn = 0; turn < ARRANGEMENTS.size() + PANELS.size(); turn++) {
            String arrangement = turn < ARRANGEMENTS.size() ? ARRANGEMENTS.get(turn) : "FIVE_BESIDE";
            String panel = PANELS.get(turn % PANELS.size());
            mara.publishesAtOnce(arranges("all", arrangement, panel));
            BrowserContext context = opened(new Browser.NewContextOptions()
                    .setViewportSize(1024, 768)
                    .setColorScheme(turn % 2 == 0 ? ColorScheme.LIGHT : ColorScheme.DARK));
            Visitor visitor = new Visitor(velnik, context);
            visitor.opens("/news");
            yard(visitor).click();
            assertThat(beneath(visitor)).isVisible();
            String where = look + " " + arrangement + " " + panel;
            assertEquals(
                    beneath(visitor)
                            .evaluate("list => { const { left, right } = list.getBoundingClientRect();"
                                    + " return left >= 0 && right <= innerWidth"
                                    + " && list.scrollWidth <= list.clientWidth; }"),
                    true,
                    where);
            assertEquals(visitor.page().evaluate("document.documentElement.scrollWidth - innerWidth"), 0, where);
            visitor.isAccessible(where);
            visitor.complainsOfNothing();
            context.close();
        }
    }
}
