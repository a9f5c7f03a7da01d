package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The looks of the visitor site, as its owner chooses and tunes them. */
public class LooksIT extends UndoneTest {
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

        Locator size = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Text size"));
        assertThat(shown.locator("html")).hasCSS("font-size", "17px");
        size.press("ArrowRight");
        size.press("ArrowRight");
        assertThat(size).hasAttribute("aria-valuetext", "110 %");
        mara.isTold("Once you publish, the text size of the site will be 110 %.");
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
                .isTold("Once you publish, the text size of the site will be the look’s own again."
                        + " Once you publish, the logo in the header of the site will be shown.");
        assertThat(page.getByText("the look’s own", new Page.GetByTextOptions().setExact(true)))
                .hasCount(12);
        mara.presses("Control+z");
        assertThat(mara.button("Reset all")).isVisible();
        visitor.complainsOfNothing();
        mara.forgives("422"); // "teal"
        mara.complainsOfNothing();
    }
}
