package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import org.testng.annotations.Test;

/** Pages and items for members: set by their owner, looked at in the window, and come to by signing in. */
public class MembersIT extends UndoneTest {
    private static final Page.GetByLabelOptions EXACTLY = new Page.GetByLabelOptions().setExact(true);

    private static Visitor signsIn(Visitor visitor, String name, String password) {
        visitor.page().getByLabel("Name").fill(name);
        visitor.page().getByLabel("Password").fill(password);
        visitor.page().locator(".sign-in button").click();
        return visitor;
    }

    @Test
    public void pageForMembers_isSet_seenInTheWindow_published_andCalledAt() {
        mara.chooses("Prices");
        new Hand.Mouse(mara).option("Members only");
        mara.isTold("Prices is for members only.");
        assertThat(mara.row("Prices")).containsText("members only");
        mara.seesSentence("Members can open it once signed in; Main shows it in the header and the phone drawer;"
                + " search engines do not see it.");
        assertThat(mara.page().locator(".card .standings li"))
                .hasText("Main › Hire › What it costs header, to members");
        Locator band = mara.window().locator(".band");
        Locator header = mara.window().locator(".header .across");
        assertThat(band).hasText("For members: other visitors are asked to sign in here.");
        assertThat(header).not().containsText("What it costs");
        mara.clicks("As a member");
        assertThat(band).hasText("As a member sees it.");
        assertThat(header).containsText("What it costs");
        mara.isAccessible("the site as a member sees it");
        mara.choosesFrom("By reach", "Members only");
        assertThat(mara.outline()).containsText("Members' handbook");
        assertThat(mara.row("Canoes")).hasCount(0);
        mara.publishes();

        Visitor visitor = new Visitor(velnik, wide()).opens("/hire");
        assertThat(visitor.page().locator("main")).not().containsText("Prices");
        visitor.opens("/hire/prices").reads("Sign in"); // led there
        assertThat(visitor.page().locator(".sign-in")).containsText("The page you asked for is for members.");
        visitor.isAccessible("signing in as a member");
        signsIn(visitor, "member", "wrong").reads("Sign in");
        assertThat(visitor.page().getByText("This name and password do not go together."))
                .isVisible();
        visitor.isAccessible("a wrong password");
        visitor.page().getByLabel("Password").fill("mooring-line");
        visitor.page().keyboard().press("Enter");
        visitor.reads("Prices");
        assertThat(visitor.across()).containsText("What it costs");
        visitor.page().locator(".footer").getByText("Sign out").click();
        visitor.reads("Sign out");
        visitor.isAccessible("signing out");
        visitor.page().locator(".sign-in button").click();
        visitor.reads("Brackwater Boatyard");
        assertThat(visitor.across()).not().containsText("What it costs");
        visitor.forgives("422");
        visitor.complainsOfNothing();
        mara.complainsOfNothing();
    }

    @Test
    public void itemsForMembers_byKeyboardAlone() {
        mara.sends("{ kind: 'setMembersOnly', pages: ['canoes'], membersOnly: true }");
        Hand.Keys hand = new Hand.Keys(mara);
        hand.uses(mara.link("Menus"));
        hand.row("Contact").presses("n").types("canoes").presses("Enter", "Escape");
        mara.isTold("Canoes added to Short.");
        hand.row("Contact").presses("ArrowDown");
        assertThat(mara.page().locator(".card .sentence")).containsText("Members see it as a page.");
        mara.tabsTo(mara.page().getByLabel("See it too, and are asked to sign in"))
                .presses("Space");
        mara.isTold("Canoes shows another way.");
        assertThat(mara.page().locator(".card .sentence")).containsText("Everyone sees it as a page.");
        hand.option("Everyone else");
        mara.isTold("Canoes shows to visitors who are not members.");
        hand.row("Contact").presses("ArrowDown");
        mara.presses("h").isTold("Canoes is hidden.").presses("h");
        mara.isTold("Canoes shows again.");
        mara.complainsOfNothing();
    }

    @Test
    public void signingInAndOut_inTheWindow_changesWhoLooks() {
        mara.chooses("Sign in");
        Locator door = mara.window().locator(".sign-in");
        door.getByLabel("Name").fill("anyone");
        door.getByLabel("Password").fill("anything");
        door.getByLabel("Password").press("Enter");
        assertThat(mara.window().locator(".band")).hasText("As a member sees it.");
        assertThat(door).containsText("You are signed in as a member.");
        door.locator("button").press("Enter");
        assertThat(mara.window().locator(".band")).hasCount(0);
        assertThat(door.getByLabel("Password")).isVisible();
        mara.complainsOfNothing();
    }

    @Test
    public void membersAreMade_givenPasswords_andRemoved() {
        mara.opensScreen("Members");
        assertThat(mara.page().locator(".members")).containsText("For members only: Members' handbook");
        mara.page().getByLabel("Who it is").fill("Iris Vale");
        mara.page().getByLabel("Name to sign in with").fill("Member");
        String password = mara.page().getByLabel("Password, to hand over").inputValue();
        assertEquals(password.length(), 19, "one is suggested");
        mara.presses("Enter");
        assertThat(mara.page().getByText("There is a member with the name member already."))
                .isVisible();
        mara.isAccessible("a refused member");
        assertEquals(mara.page().getByLabel("Who it is").inputValue(), "Iris Vale", "nothing typed is lost");
        mara.page().getByLabel("Name to sign in with").fill("iris");
        mara.presses("Enter");
        assertThat(mara.page().locator("tbody tr")).hasCount(2);
        assertThat(mara.page().getByLabel("Who it is")).isFocused();

        Visitor iris = new Visitor(velnik, wide()).opens("/sign-in");
        signsIn(iris, "iris", password).reads("Brackwater Boatyard");
        iris.opens("/members-handbook").reads("Members' handbook");

        mara.clicks("Another password for Iris Vale");
        mara.page().getByLabel("Another password for Iris Vale", EXACTLY).fill("short");
        mara.presses("Enter");
        assertThat(mara.page().getByText("A password has 10 to 200 characters.").first())
                .isVisible();
        mara.page().getByLabel("Another password for Iris Vale", EXACTLY).fill("three blue oars");
        mara.presses("Enter");
        assertThat(mara.page().locator(".members [role=status]"))
                .hasText("Iris Vale has another password and is signed out everywhere.");
        assertThat(mara.button("Another password for Iris Vale")).isFocused();
        iris.opens("/members-handbook").reads("Sign in");

        mara.page().emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
        mara.clicks("Remove Iris Vale…").isAccessible("removing a member, in the dark");
        mara.clicks("Cancel, do not remove Iris Vale");
        assertThat(mara.button("Remove Iris Vale…")).isFocused();
        mara.presses("Enter", "Enter"); // asked, and done
        assertThat(mara.page().locator("tbody tr")).hasCount(1);
        assertThat(mara.page().getByLabel("Who it is")).isFocused();
        signsIn(iris, "iris", "three blue oars");
        assertThat(iris.page().getByText("This name and password do not go together."))
                .isVisible();

        Owner jo = new Owner(velnik, wide()).signsIn("jo", "neap-tide");
        jo.seldomScreens().click();
        assertThat(jo.page().getByRole(AriaRole.MENUITEM))
                .hasText(new String[] {"Messages", "The business", "Topics and layouts", "Import and export", "Bin"});
        mara.forgives("409");
        mara.forgives("422");
        mara.complainsOfNothing();
        iris.forgives("422");
        iris.complainsOfNothing();
        jo.complainsOfNothing();
    }
}
