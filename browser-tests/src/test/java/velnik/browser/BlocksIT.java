package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Content blocks among the items of a menu. */
public class BlocksIT extends UndoneTest {
    private static final List<String> KINDS = List.of(
            "'kind':'WORDS','words':'The lane floods.\\\\nRing first.'",
            "'kind':'PICTURE','file':'slip','side':'END'",
            "'kind':'SEARCH_FIELD'",
            "'kind':'CONTACT_CARD'",
            "'kind':'SUMMARY_OF_PAGE','page':'winter-storage'",
            "'kind':'POSITION_MAP'",
            "'kind':'FORM_OF_PAGE','page':'group-bookings'");

    /** Changes that put one of each kind under an item, called after their places from {@code block0} on. */
    static String everyBlock(String parent) {
        return KINDS.stream()
                .map(kind -> adds("block" + KINDS.indexOf(kind), parent, kind, ""))
                .collect(Collectors.joining(","));
    }

    private static String adds(String id, String parent, String kind, String label) {
        return "{'kind':'addItems','items':[{'id':'" + id + "','place':{'parent':'" + parent
                + "','after':null,'anchor':null},'kind':{" + kind + "},'label':'" + label + "'}]}";
    }

    /** A menu in the header with one heading, “Come by”, with or without three sections. */
    private Owner hasAPanel(String... sections) {
        StringBuilder changes = new StringBuilder("{'kind':'addMenu','menu':'yard','after':null,'name':'Yard'},")
                .append(adds("all", "yard", "'kind':'HEADING'", "Come by"));
        for (String section : sections) {
            changes.append(',').append(adds(section, "all", "'kind':'HEADING'", section));
        }
        return mara.sends(changes + ",{'kind':'assignMenus','zone':'HEADER','scope':{'kind':'EVERYWHERE','page':null,"
                + "'layout':null,'pages':null},'says':{'kind':'INSTEAD','menus':[{'menu':'yard','form':null,'size':null,"
                + "'alignment':null,'width':null,'gap':null,'overflow':null,'fromLevel':1,'levels':3,"
                + "'currentBranchOnly':false}],'before':null,'after':null}}");
    }

    @Test
    public void owner_buildsAPanelWithAPictureAndASearchFieldAtItsFarEnd() {
        hasAPanel("Third", "Second", "First").opensScreen("Menus").chooses("Come by");
        mara.choosesFrom("What is beneath", "Three side by side").isTold("Come by shows another way.");
        FrameLocator window = mara.window();

        mara.chooses("First").clicks("Add under").types("kayaks on the ebb");
        assertThat(mara.page().getByRole(AriaRole.OPTION).first()).containsText("as a picture");
        mara.presses("Enter", "Escape").isTold("Kayaks on the ebb added under First.");
        mara.page()
                .getByLabel("Caption", new Page.GetByLabelOptions().setExact(true))
                .fill("Out with the ebb");
        mara.presses("Enter").isTold("Kayaks on the ebb reads Out with the ebb now.");
        Locator picture = window.locator(".across figure");
        assertThat(picture).containsText("Out with the ebb");
        mara.choosesFrom("Caption stands", "Before it");
        assertThat(picture).hasClass(Pattern.compile("caption-start"));

        mara.chooses("Third").clicks("Add list or block…");
        mara.page().getByRole(AriaRole.MENUITEM).getByText("Search field").click();
        assertThat(window.locator(".across .abreast-3 input[type=search]")).isVisible();
        mara.page()
                .getByLabel("Prompt", new Page.GetByLabelOptions().setExact(true))
                .fill("Find a boat");
        mara.presses("Enter");
        assertThat(window.getByLabel("Find a boat").first()).isVisible();
        mara.isAccessible("a content block on its card");
        mara.publishes();

        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/news");
        Locator panel = visitor.page().locator("[data-item=all] > ul");
        visitor.page().locator("[data-item=all] > button").hover();
        assertThat(panel.locator("img")).isVisible();
        assertEquals(
                panel.locator("img").evaluate("async picture => { await picture.decode(); return picture.alt; }"),
                "Two people in kayaks, one behind the other");
        panel.getByLabel("Find a boat").fill("kayak");
        visitor.page().mouse().move(600, 780);
        visitor.page().waitForTimeout(500);
        assertThat(panel).isVisible(); // while somebody writes in it
        visitor.page().keyboard().press("Enter");
        assertThat(visitor.page()).hasURL(velnik.url("/search?q=kayak"));
        visitor.complainsOfNothing();
    }

    @Test
    public void blocksAtTheEndOfLinks_haveColumnsOfTheirOwn() {
        hasAPanel()
                .sends(adds("ask", "all", "'kind':'SEARCH_FIELD'", "")
                        + "," + adds("slip", "all", "'kind':'PICTURE','file':'slip','side':'END'", "")
                        + "," + adds("c", "all", "'kind':'PAGE','page':'canoes'", "")
                        + "," + adds("b", "all", "'kind':'PAGE','page':'kayaks'", "")
                        + "," + adds("a", "all", "'kind':'PAGE','page':'prices'", "")
                        + ",{'kind':'setItems','rows':[{'item':'all','page':null}],'label':null,'appearance':{"
                        + "'arrangement':'THREE_BESIDE'}}")
                .publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/news");
        visitor.page().locator("[data-item=all] > button").hover();
        assertThat(visitor.page().getByRole(AriaRole.SEARCHBOX).last()).isVisible();
        assertEquals(
                visitor.page()
                        .evaluate("[...document.querySelectorAll('[data-item=all] > ul > li')]"
                                + ".map(each => each.getBoundingClientRect())"
                                + ".map((at, _, [first]) => Math.round(at.left - first.left) > 0 ? 'beside' : 'under')"
                                + ".join()"),
                "under,under,under,beside,beside");
        assertEquals(
                visitor.page()
                        .evaluate("new Set([...document.querySelectorAll('[data-item=all] > ul > .block')]"
                                + ".map(each => each.getBoundingClientRect().top)).size"),
                1,
                "side by side");
        visitor.complainsOfNothing();
    }

    /** It stands beside the label for those who see; for others the label is all there is to know. */
    @Test
    public void owner_givesAnItemAPicture() {
        hasAPanel();
        mara.sends(adds("boats", "all", "'kind':'PAGE','page':'hire'", "Boats to hire"))
                .opensScreen("Menus")
                .chooses("Boats to hire");
        mara.choosesFrom("Picture", "Kayaks on the ebb").isTold("Boats to hire shows another way.");
        assertThat(mara.window().locator(".across [data-item=boats] > a > img")).isVisible();
        mara.isAccessible("an item with a picture");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/news");
        visitor.page().locator("[data-item=all] > button").hover();
        Locator link = visitor.page().locator(".across [data-item=boats] > a");
        assertThat(link.locator("img")).isVisible();
        assertThat(link).hasAccessibleName("Boats to hire");
        visitor.isAccessible("a picture beside a label");
        visitor.complainsOfNothing();

        mara.sends("{'kind':'removeFiles','files':['kayaks']}").publishes();
        visitor.opens("/news");
        assertThat(link.locator("img")).hasCount(0);
        assertThat(link).hasText("Boats to hire");
        visitor.complainsOfNothing();
    }

    @Test
    public void visitor_writesToTheBusiness_byAFormInTheHeader() {
        hasAPanel();
        mara.sends(adds("book", "yard", "'kind':'FORM_OF_PAGE','page':'group-bookings'", "Book for a group"))
                .publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/news");
        Locator row = visitor.page().locator(".header");
        Locator opener = row.locator("[data-item=book] > button");
        assertThat(opener).containsText("Book for a group");
        opener.click();
        row.getByLabel("Your name").fill("Ines");
        row.getByLabel("Mail address").fill("ines@mail.example");
        row.getByLabel("How many of you").selectOption("Up to eight");
        row.getByText("Send").click();
        visitor.reads("Thank you");
        visitor.complainsOfNothing();
        mara.opensScreen("Messages");
        assertThat(mara.page().getByText("Ines").first()).isVisible();
        mara.clicks("Remove for good…").clicks("Remove for good"); // for undo does not
        assertThat(mara.page().getByText("Nobody has written yet.")).isVisible();
    }

    @DataProvider
    public Object[][] looks() {
        return new Object[][] {{"STAITHE"}, {"WEIR"}, {"TOWPATH"}, {"TIDETABLE"}};
    }

    /** Seven kinds in the header, and in the drawer of a phone: all is to be seen, and nothing is wider than the screen. */
    @Test(dataProvider = "looks")
    public void everyBlock_showsInEveryLook(String look) {
        hasAPanel();
        mara.sends("{'kind':'setLook','look':'" + look + "'}," + everyBlock("all"))
                .publishes();
        for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            for (int width : new int[] {1280, 320}) {
                BrowserContext context = opened(new Browser.NewContextOptions()
                        .setViewportSize(width, 800)
                        .setColorScheme(scheme));
                Visitor visitor = new Visitor(velnik, context);
                visitor.opens("/news");
                unfolds(visitor);
                String where = look + " " + scheme + " " + width;
                Locator blocks = visitor.page().locator(".block:visible");
                assertThat(blocks).hasCount(KINDS.size());
                for (Locator block : blocks.all()) {
                    assertTrue(
                            (Boolean) block.evaluate("block => { const { left, right } = block.getBoundingClientRect();"
                                    + " return left >= 0 && right <= innerWidth"
                                    + " && block.scrollWidth <= right - left + 1; }"),
                            where + ": " + block.textContent());
                }
                assertThat(visitor.page().locator(".block .map:visible")).hasCount(1);
                assertEquals(visitor.page().evaluate("document.documentElement.scrollWidth - innerWidth"), 0, where);
                visitor.isAccessible(where);
                visitor.complainsOfNothing();
                context.close();
            }
        }
    }

    /** Opens whatever stands before “Come by”, and that. */
    private static void unfolds(Visitor visitor) {
        for (String opener : List.of(
                ".sheet > summary",
                ".drawer > summary",
                "[data-item=all] > button",
                "[data-item=all] > details > summary")) {
            Locator seen = visitor.page().locator(opener + ":visible");
            if (seen.count() > 0 && visitor.page().locator(".block:visible").count() == 0) {
                seen.first().click();
            }
        }
    }
}
