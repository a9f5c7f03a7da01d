package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** What the site says of its business is typed once, and read everywhere. */
public class BusinessIT extends UndoneTest {

    private Locator field(String label) {
        return mara.page().getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    public void phoneNumberTypedOnce_isReadEverywhere_andTheNameToo() {
        mara.opensScreen("The business").isAccessible("the business");
        field("Phone").fill("01632 960 111");
        mara.presses("Enter").isTold("The site has another phone number.");
        field("Name").fill("Brackwater Boats");
        mara.presses("Enter").isTold("The site has another name.");
        assertThat(mara.page().getByRole(AriaRole.BANNER)).containsText("Brackwater Boats");
        field("Postal address").fill("The Old Slip\n\nBrackwater");
        mara.presses("Tab").isTold("The site has another postal address.");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        for (String page : new String[] {"/", "/hire/canoes", "/page-index"}) {
            visitor.opens(page);
            Locator foot = visitor.page().locator("footer address");
            assertThat(foot.getByText("01632 960 111")).hasAttribute("href", "tel:01632960111");
            assertThat(foot).containsText("The Old Slip");
            assertThat(visitor.page().locator(".site-name")).hasText("Brackwater Boats");
        }
        visitor.isAccessible("the foot of a page");
        visitor.complainsOfNothing();
        mara.complainsOfNothing();
    }

    @Test
    public void whatIsNoAddress_isRefused_andStaysToBeMended() {
        mara.opensScreen("The business");
        field("Mail").fill("nobody");
        mara.presses("Enter");
        assertThat(mara.page().locator(".business .problem"))
                .hasText("“nobody” is no mail address; one has a name, an @ and a host.");
        assertThat(field("Mail")).hasValue("nobody");
        mara.presses("Escape");
        assertThat(field("Mail")).hasValue("yard@brackwater.example");
        mara.forgives("422");
        mara.complainsOfNothing();
    }

    @Test
    public void openingHours_areTypedAsOneSpeaks_andChannelsStandInAMenu() {
        mara.opensScreen("The business");
        field("Opening hours").fill("Mon–Fri 9–5\nSat 10 to noon\n24 December 2026 9–12 Christmas Eve");
        mara.presses("Tab").isTold("The site has other opening hours.");
        assertThat(mara.page().locator(".hours-read li")).hasText(new String[] {
            "Mon–Fri 09:00–17:00", "Sat 10:00–12:00", "Sun closed", "24 December 2026 09:00–12:00 Christmas Eve"
        });
        field("Opening hours").fill("Mon–Fri whenever");
        mara.presses("Tab");
        assertThat(mara.page().locator(".business .problem")).containsText("“Mon–Fri whenever” is not understood.");
        field("Opening hours").press("Escape");
        field("Name of the new channel").fill("Our pictures");
        field("Address of the new channel").fill("pictures.example/yard");
        mara.presses("Enter").isTold("The site has other channels.");
        assertThat(field("Address of Our pictures")).hasValue("https://pictures.example/yard");
        mara.isAccessible("hours and channels");
        mara.opensMenu("Footer").presses("n").types("channels");
        mara.page()
                .getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("Our pictures"))
                .click();
        assertThat(mara.window().locator("footer .channels a").last())
                .hasAttribute("href", "https://pictures.example/yard");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/hire");
        assertThat(visitor.page().locator("footer .hours")).containsText("Sat");
        assertThat(visitor.page()
                        .locator("footer .channels a[title='Our pictures']")
                        .first())
                .isVisible();
        visitor.isAccessible("hours and channels at the foot");
        visitor.complainsOfNothing();
        mara.forgives("422");
        mara.complainsOfNothing();
    }

    @Test
    public void siteInGerman_speaksGerman_andOneInArabicIsReadFromTheRight() {
        mara.opensScreen("The business").choosesFrom("Language", "Deutsch");
        mara.isTold("The site has another language.");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/news/varnish-day");
        assertThat(visitor.page().locator("html")).hasAttribute("lang", "de");
        assertThat(visitor.page().locator(".date")).hasText("14. Februar 2026");
        visitor.opens("/search?q=kanu");
        assertThat(visitor.page().locator("main")).containsText("Keine Seite mit „kanu“.");
        visitor.isAccessible("a German page");
        mara.choosesFrom("Language", "العربية .*");
        mara.publishes();
        visitor.opens("/hire/canoes");
        assertThat(visitor.page().locator("html")).hasAttribute("dir", "rtl");
        Number text = (Number) visitor.page()
                .locator("main h1")
                .evaluate("heading => innerWidth - heading.getBoundingClientRect().right");
        assertTrue(text.doubleValue() < 400, "the heading begins at the right, not " + text + " px from it");
        assertEquals(visitor.page().evaluate("document.documentElement.scrollWidth <= innerWidth"), true);
        visitor.complainsOfNothing();
        mara.complainsOfNothing();
    }
}
