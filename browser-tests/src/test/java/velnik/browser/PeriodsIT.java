package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Instant;
import java.time.Month;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.Test;

/** Work prepared ahead that opens and closes by itself. It is the fifteenth of June when the boatyard begins. */
public class PeriodsIT extends DemoTest {
    /** For errands that let time pass, after which it is not June any more. */
    private static final int LAST = 1;

    private static final Page.GetByLabelOptions EXACTLY = new Page.GetByLabelOptions().setExact(true);

    @Test(priority = LAST)
    public void season_isSet_isTold_andPassesByItself() {
        velnik = velnik.again();
        Owner mara = new Owner(velnik, wide()).signsIn();
        mara.chooses("Kayaks").clicks("Only at times of the year");
        mara.isTold("Kayaks is there every year from 1 January to 31 December.");
        mara.choosesFrom("month of the last day", "September");
        mara.isTold("Kayaks is there every year from 1 January to 30 September.");
        assertThat(mara.row("Kayaks")).containsText("until 30 September 2026");
        mara.choosesFrom("month of the first day", "July");
        mara.isTold("Kayaks is there every year from 1 July to 30 September.");
        assertThat(mara.row("Kayaks")).containsText("from 1 July 2026");
        mara.seesSentence("Nobody can see it now, because it is closed until 1 July 2026; its address is not found.");
        new Hand.Mouse(mara).option("When it opens again");
        mara.isTold("At the address of Kayaks while closed, visitors read when it opens again.");
        assertThat(mara.window().locator(".band"))
                .hasText("Closed until 1 July 2026: visitors read here when it opens again.");
        mara.isAccessible("a page with a period");
        mara.choosesFrom("month of the first day", "May").publishes();

        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/hire/kayaks");
        assertThat(visitor.across()).containsText("Kayaks");
        visitor.opens("/repairs/engines");
        Locator workshop = visitor.page().locator(".sidebar");
        assertThat(workshop).not().containsText("Winter service");
        visitor.doesNotFind("/repairs/engines/winter-service");
        visitor.doesNotFind("/Repairs/Engines/Winter-Service"); // no way round by another spelling
        mara.leaves();
        visitor.leaves();

        velnik = velnik.againAt(Instant.parse("2026-12-01T10:00:00Z"));
        Visitor later = new Visitor(velnik, wide());
        later.opens("/hire/kayaks").reads("Kayaks");
        assertThat(later.page().locator(".summary")).hasText("Closed now. Opens again on 1 May 2027.");
        later.isAccessible("a page that is closed");
        assertThat(later.across()).not().containsText("Kayaks");
        later.opens("/repairs/engines/winter-service").reads("Winter service");
        assertThat(later.page().locator(".sidebar [aria-current=page]")).hasText("Winter service");
        Owner again = new Owner(velnik, wide()).signsIn();
        assertThat(again.row("Kayaks")).containsText("from 1 May 2027");
        again.choosesFrom("By reach", "Closed now");
        assertThat(again.outline()).containsText("Evening suppers");
        assertThat(again.row("Winter service")).hasCount(0);
        later.complainsOfNothing();
        again.complainsOfNothing();
    }

    @Test(priority = LAST)
    public void notesOfTheNextMonths_arePreparedFromAModelPage_andAppearAsTheClockPasses() {
        Owner mara = new Owner(velnik, wide()).signsIn();
        mara.chooses("Spring tides in March");
        new Hand.Mouse(mara).option("Can be made from it");
        mara.isTold("Spring tides in March is a model page now: new pages can be made from it.");
        mara.clicks("Add below").clicks("Change that");
        mara.choosesFrom("What they are made from", "like Spring tides in March")
                .clicks("Done");
        mara.pastesList("Tides in July\nTides in September\nTides in December", "The list would add 3 pages.");
        mara.isTold("3 pages added");
        for (String month : List.of("July", "September", "December")) {
            int number = Month.valueOf(month.toUpperCase(Locale.ROOT)).getValue();
            mara.chooses("Tides in " + month).clicks("Only between two days");
            mara.isTold("Tides in " + month + " is there from");
            mara.page().getByLabel("first day", EXACTLY).fill("2026-%02d-01".formatted(number));
            mara.presses("Enter").isTold("Tides in " + month + " is there from 1 " + month + " 2026.");
        }
        mara.publishes();
        mara.leaves();

        Visitor visitor = new Visitor(velnik, wide());
        visitor.doesNotFind("/news/tides-in-july");
        visitor.leaves();
        velnik = velnik.againAt(Instant.parse("2026-08-15T10:00:00Z"));
        Visitor later = new Visitor(velnik, wide());
        later.opens("/news/tides-in-july").reads("Tides in July");
        assertThat(later.page().locator("main")).containsText("The highest water of the year");
        later.opens("/page-index/tide-notes");
        assertThat(later.page().locator("main")).containsText("Tides in July");
        assertThat(later.page().locator("main")).not().containsText("Tides in September");
        later.doesNotFind("/news/tides-in-september");
        later.leaves();
        velnik = velnik.againAt(Instant.parse("2026-12-05T10:00:00Z"));
        Visitor atLast = new Visitor(velnik, wide());
        atLast.opens("/news/tides-in-december").reads("Tides in December");
        atLast.complainsOfNothing();
    }

    @Test
    public void itemsForTheWinter_byKeyboardAlone() {
        Owner jo = new Owner(velnik, wide()).signsIn("jo", "neap-tide").opensScreen("Menus");
        Hand.Keys hand = new Hand.Keys(jo);
        hand.row("Courses");
        hand.uses(jo.button("Only between two days"));
        Locator first = jo.page().getByLabel("first day");
        jo.tabsTo(first).types("11012026").presses("Enter");
        jo.isTold("Courses shows from 1 November 2026.");
        assertThat(jo.window().locator(".header .across")).not().containsText("Courses");
        assertThat(jo.row("Courses")).containsText("Shows from 1 November 2026 on.");
        jo.tabsTo(jo.page().getByLabel("last day")).types("10312026").presses("Enter");
        assertThat(jo.page().locator(".card [role=alert]"))
                .containsText("A period ends on or after the day it begins.");
        jo.presses("Escape");
        hand.uses(jo.button("Remove this period"));
        jo.isTold("Courses shows always.");
        assertThat(jo.window().locator(".header .across")).containsText("Courses");
        jo.forgives("422");
        jo.complainsOfNothing();
    }

    @Test
    public void window_showsTheSiteAsItWillBeOnAnotherDay() {
        Owner jo = new Owner(velnik, wide()).signsIn("jo", "neap-tide").chooses("Rowing skiffs");
        assertThat(jo.window().locator(".band")).hasCount(0);
        jo.clicks("As of…").menuEntry("Another day…").click();
        jo.page().getByLabel("As of", EXACTLY).fill("2026-12-24");
        Locator band = jo.window().locator(".band");
        assertThat(band)
                .hasText("As on 24 December 2026. Closed until 1 April 2027: visitors read here when it opens again.");
        assertThat(jo.window().locator(".header .across")).not().containsText("Rowing skiffs");
        jo.isAccessible("the site on another day");
        jo.clicksAt(jo.window().locator(".trail a").last());
        assertThat(jo.row("Hire")).hasAttribute("aria-selected", "true");
        assertThat(band).hasText("As on 24 December 2026.");
        jo.clicks("Today");
        assertThat(band).hasCount(0);
        assertThat(jo.window().locator(".header .across")).containsText("Rowing skiffs");
        jo.complainsOfNothing();
    }

    /** Links to it lead there, and everything else goes on as before. */
    @Test
    public void window_showsWhatIsNotYetOpen() {
        Owner jo = new Owner(velnik, wide()).signsIn("jo", "neap-tide").chooses("Hire");
        Locator unopened = jo.window().locator(".across a[href*='unopened']");
        Locator regatta = jo.window().locator(".across").getByText("Summer regatta");
        assertThat(jo.window().locator(".across").getByText("News").first()).isVisible();
        assertThat(regatta).hasCount(0);
        jo.clicks("As of…").menuEntry("With what is not yet open").click();
        Locator band = jo.window().locator(".band");
        assertThat(band).hasText("What is not yet open shows too, in dashed lines.");
        assertThat(regatta).hasCount(1);
        assertThat(unopened.first()).hasCSS("outline-style", "dashed");
        jo.isAccessible("with what is not yet open");
        jo.clicksAt(regatta);
        assertThat(jo.row("Summer regatta")).hasAttribute("aria-selected", "true");
        assertThat(band)
                .hasText("What is not yet open shows too, in dashed lines. "
                        + "Held back: visitors get “not found” here.");
        jo.clicks("All open").menuEntry("With what is not yet open").click();
        assertThat(regatta).hasCount(0);
        jo.complainsOfNothing();
    }

    @Test
    public void partsOfAPeriod_setFasterThanAnswersCome_allCount() {
        Owner jo = new Owner(velnik, wide()).signsIn("jo", "neap-tide").chooses("Varnish day");
        jo.clicks("Only at times of the year").isTold("Varnish day is there every year from 1 January to 31 December.");
        jo.waitsFor("/changes", 1_500);
        jo.choosesFrom("month of the first day", "May").choosesFrom("month of the last day", "September");
        jo.isTold("Varnish day is there every year from 1 May to 30 September.");
        assertThat(jo.page().locator(".period")).containsText("May");
        jo.complainsOfNothing();
    }
}
