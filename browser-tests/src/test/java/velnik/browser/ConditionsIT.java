package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The outlines and the placing sheet as people have their screens: dark, still, narrow, or with all text twice as big. */
public class ConditionsIT extends DemoTest {
    private static final String CUT_OFF = """
            () => [...document.querySelectorAll('button, a, input, h2, [role=row], .card p')]
              .filter(element => element.checkVisibility({ visibilityProperty: true }) && !element.closest('.unseen, .sheet-grid'))
              .filter(element => {
                const box = element.getBoundingClientRect();
                const cut = element.matches('button') && element.scrollWidth > element.clientWidth + 1;
                return box.width > 0 && (cut || box.left < -1 || box.right > innerWidth + 1);
              })
              .map(element => element.outerHTML.slice(0, 120))
            """;

    private static NewContextOptions sized(int width, int height) {
        return new NewContextOptions().setViewportSize(width, height);
    }

    @DataProvider
    public Object[][] conditions() {
        return new Object[][] {
            {"dark", sized(1280, 800).setColorScheme(ColorScheme.DARK)},
            {"still", sized(1280, 800).setReducedMotion(ReducedMotion.REDUCE)},
            // What a window of 1280 x 800 is to somebody who has made everything twice as big.
            {"at 200 %", sized(640, 400).setDeviceScaleFactor(2)},
            {"900 px wide", sized(900, 800)},
            {"390 px wide", sized(390, 844)},
        };
    }

    @Test(dataProvider = "conditions")
    public void outlinesAndSheet_areWholeReadableAndDoTheirWork(String condition, NewContextOptions options) {
        Owner mara = new Owner(velnik, opened(options)).signsIn();
        mara.chooses("Canoes").presses("Control+Shift+ArrowDown").isTold("Canoes moved after Kayaks.");
        isFine(mara, "Pages " + condition, condition);
        mara.presses("Control+z").isTold("Undone: Move Canoes after Kayaks.");
        mara.presses("n").types("Half a title").isAccessible("adding a page " + condition);
        assertEquals(mara.page().evaluate(CUT_OFF), List.of(), "adding a page " + condition);
        mara.presses("Escape");

        mara.opensMenu("Elsewhere").chooses("Pictures").presses("h").isTold("Pictures is hidden.");
        isFine(mara, "Menus " + condition, condition);
        mara.presses("h").isTold("Pictures shows again.");

        mara.page().navigate(velnik.url("/-/manage/pages/sheet"));
        assertThat(mara.page().locator(".sheet-grid [aria-label^='Canoes in Main:']"))
                .isVisible();
        isFine(mara, "the placing sheet " + condition, condition);
        mara.complainsOfNothing();
    }

    private static void isFine(Owner mara, String where, String condition) {
        mara.isAccessible(where);
        assertEquals(mara.page().evaluate(CUT_OFF), List.of(), where);
        assertEquals(
                mara.page().evaluate("document.documentElement.scrollWidth <= innerWidth"),
                true,
                where + " scrolls sideways");
        int light = (int)
                mara.page().evaluate("Number(getComputedStyle(document.body).backgroundColor.match(/[0-9]+/)[0])");
        assertEquals(light < 128, condition.equals("dark"), where + ": the ground is " + light);
        if (condition.equals("still")) {
            Object longest = mara.page()
                    .evaluate(
                            "Math.max(...[...document.querySelectorAll('*')].flatMap(element => {"
                                    + " const style = getComputedStyle(element);"
                                    + " return (style.transitionDuration + ', ' + style.animationDuration).split(', ').map(parseFloat); }))");
            assertTrue(((Number) longest).doubleValue() <= 0.01, where + " moves for " + longest + " s");
        }
    }
}
