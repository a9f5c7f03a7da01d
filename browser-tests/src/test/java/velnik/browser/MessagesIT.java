package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** Visitors write by a form that the owner made, and the owner reads it. */
public class MessagesIT extends UndoneTest {

    private Locator field(String label) {
        return mara.page().locator(".form-fields").getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
    }

    private void shows(String which) {
        mara.page().locator(".ant-segmented").getByText(which).click();
    }

    @Test
    public void aFormIsMade_filledInWithoutScript_andReadAndAnswered() {
        mara.chooses("Waiting list");
        mara.page()
                .locator("summary", new Page.LocatorOptions().setHasText("Enquiry form"))
                .click();
        mara.clicks("Add an enquiry form").isTold("The enquiry form of Waiting list is saved.");
        assertThat(mara.window().locator("form.enquiry")).isVisible();
        field("Name of field 3").fill("Your boat");
        mara.presses("Enter");
        assertThat(mara.window().locator("form.enquiry")).containsText("Your boat");
        mara.clicks("Add a field");
        assertThat(mara.window().locator("form.enquiry label")).hasCount(5); // the one that nobody sees too
        field("Name of field 4").fill("your BOAT");
        mara.presses("Enter");
        assertThat(mara.page().locator(".form-fields .problem"))
                .hasText("Two fields are called your BOAT. Give one of them another name.");
        field("Name of field 4").fill("Length");
        mara.presses("Enter");
        mara.picks("Kind of Length", "Choice");
        field("Choices of Length, a line each").fill("Up to six metres\nLonger");
        assertThat(mara.page().locator(".keeping"))
                .hasText("Saved"); // what comes meanwhile takes nothing that is typed
        mara.page().keyboard().press("Tab");
        assertThat(mara.window().locator("form.enquiry option"))
                .hasText(new String[] {"Choose…", "Up to six metres", "Longer"});
        mara.isAccessible("a form on the card");
        mara.publishes();

        Visitor visitor = new Visitor(velnik, context(360, 740, false));
        visitor.opens("/moorings/waiting-list");
        Page page = visitor.page();
        page.getByLabel("Your name").fill("Ada Byron");
        page.getByLabel("Mail address").fill("ada@brackwater.example");
        page.getByLabel("Your boat").fill("A clinker dinghy, eleven feet.\nShe leaks a little.");
        page.getByLabel("Length").selectOption("Up to six metres");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Send"))
                .click();
        visitor.reads("Thank you");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Waiting list"))
                .last()
                .click();
        visitor.reads("Waiting list");

        mara.page().reload();
        assertThat(mara.page()
                        .getByRole(
                                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("More screens 1 unread message")))
                .isVisible();
        mara.opensScreen("Messages");
        Locator message = mara.page().locator(".message");
        assertThat(message).hasCount(1);
        assertThat(message).containsText("She leaks a little.");
        assertThat(message.getByText("Answer by mail"))
                .hasAttribute("href", "mailto:ada@brackwater.example?subject=Re%3A%20Waiting%20list");
        mara.isAccessible("messages");
        message.locator("summary").click();
        assertThat(message.locator("pre")).containsText("To: yard@brackwater.example");
        mara.clicks("Mark as answered");
        assertThat(message).containsText("answered");
        shows("Not answered");
        assertThat(mara.page().getByText("None of these.")).isVisible();
        shows("All");
        mara.clicks("Remove for good…").clicks("Remove for good");
        assertThat(mara.page().getByText("Nobody has written yet.")).isVisible();
        mara.forgives("422");
        mara.complainsOfNothing();
    }

    @Test
    public void whatIsWrong_isSaidAtItsField_andNothingThatWasTypedIsLost() {
        Visitor visitor = new Visitor(velnik, context(1280, 800, false));
        visitor.opens("/hire/group-bookings");
        Page page = visitor.page();
        page.locator("form.enquiry").evaluate("form => form.noValidate = true");
        page.getByLabel("Your name").fill("Ada");
        page.getByLabel("Mail address").fill("ada at home");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Send"))
                .click();
        assertThat(page.locator(".enquiry > .problem"))
                .hasText("Please look at the marked fields; nothing was sent yet.");
        assertThat(page.getByLabel("Your name")).hasValue("Ada");
        assertThat(page.getByLabel("Mail address")).hasAttribute("aria-invalid", "true");
        assertThat(page.locator("#f1-problem")).hasText("This is no mail address.");
        assertThat(page.locator("#f4-problem")).hasText("Please fill this in.");
    }
}
