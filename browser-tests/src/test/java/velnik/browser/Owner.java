package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.WaitForSelectorState.DETACHED;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import java.util.regex.Pattern;

/** Somebody at the editor. */
final class Owner extends Editor {
    private int gestures;

    Owner(RunningVelnik velnik, BrowserContext context) {
        super(velnik, context);
    }

    Owner opensTheEditor() {
        page.navigate(velnik.url("/-/manage/"));
        assertThat(page.getByLabel("Name")).isVisible();
        return this;
    }

    /** Makes the first account of a site without any. */
    Owner beginsASite() {
        page.navigate(velnik.url("/-/manage/"));
        page.getByLabel("What the site is called").fill("Brackwater Boatyard");
        page.getByLabel("What you are called").fill("Mara Okafor");
        page.getByLabel("Name to sign in with").fill("mara");
        page.getByLabel("Password, 10 characters or more").fill("slack-water");
        clicks("Begin");
        assertThat(page.locator("main h2")).hasText("Your site has no pages yet");
        return this;
    }

    Owner signsIn() {
        return signsIn("mara", "slack-water");
    }

    /** By the form at first; later in the session that this gave, as long as it lasts. */
    Owner signsIn(String name, String password) {
        List<Cookie> session = velnik.sessionOf(name);
        page.context().addCookies(session);
        page.navigate(velnik.url("/-/manage/"));
        Locator field = page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true));
        assertThat(outline().or(field)).isVisible();
        if (field.isVisible()) {
            field.fill(name);
            page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true))
                    .fill(password);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                    .click();
            assertThat(outline()).isVisible();
            velnik.remembers(name, page.context().cookies());
        }
        if (session.isEmpty()) {
            arranges("card-groups", Arranged.ALL_GROUPS_OPEN);
            page.reload();
            assertThat(outline()).isVisible();
        }
        return this;
    }

    /** As {@link #signsIn()}, without opening the editor where somebody signed in before. */
    Owner signsInAside() {
        List<Cookie> session = velnik.sessionOf("mara");
        if (session.isEmpty()) {
            return signsIn();
        }
        page.context().addCookies(session);
        goesAside();
        return this;
    }

    /** Scrolls to a row, since rows out of sight are not drawn. */
    private Locator found(String title) {
        assertThat(outline().locator(".outline-row[aria-level]").first()).isVisible();
        for (int top = 0; row(title).count() == 0 && top < 4_000; top += 300) {
            outline().evaluate("(outline, top) => { outline.scrollTop = top; }", top);
            framesPass();
        }
        return row(title);
    }

    Owner chooses(String title) {
        gestures++;
        found(title).click();
        assertThat(row(title)).hasAttribute("aria-selected", "true");
        return this;
    }

    /** Gives the chosen pages a reach by the word of the choice, whatever is said of it beside. */
    Owner reaches(String choice) {
        gestures++;
        page.locator(".card")
                .getByText(choice, new Locator.GetByTextOptions().setExact(true))
                .click();
        return this;
    }

    /** Takes all rows from the chosen one to this. */
    Owner choosesUpTo(String title) {
        gestures++;
        found(title).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        assertThat(row(title)).hasAttribute("aria-selected", "true");
        return this;
    }

    /** Drags something, without letting go, to a part of another thing's height; by the middle of what it grasps. */
    Owner drags(Locator grasped, Locator over, double part) {
        gestures++;
        BoundingBox from = grasped.boundingBox();
        BoundingBox to = over.boundingBox();
        double x = from.x + Math.min(from.width / 2, 90);
        page.mouse().move(x, from.y + from.height / 2);
        page.mouse().down();
        page.mouse().move(x, from.y + from.height / 2 + 8);
        return movesOn(over, part, from.x == to.x ? x : to.x + 90);
    }

    private Owner movesOn(Locator over, double part, double x) {
        BoundingBox to = over.boundingBox();
        page.mouse().move(x, to.y + to.height * part, new Mouse.MoveOptions().setSteps(5));
        return this;
    }

    Owner letsGo() {
        page.mouse().up();
        assertThat(dragNote()).hasCount(0);
        return this;
    }

    Owner clicks(String button) {
        gestures++;
        button(button).click();
        return this;
    }

    /** Presses Tab until something has the focus, or goes back to it where it was passed already. */
    Owner tabsTo(Locator target) {
        assertThat(target).isAttached(); // what takes the keys of an option is not what is seen of it
        // A date is typed from its first part on, and whoever comes back to its field is at the last.
        Object isPassed = target.evaluate(
                "target => target.type !== 'date' && document.activeElement !== document.body"
                        + " && Boolean(document.activeElement.compareDocumentPosition(target) & Node.DOCUMENT_POSITION_PRECEDING)");
        String tab = isPassed.equals(true) ? "Shift+Tab" : "Tab";
        for (int tabs = 0; tabs < 300 && !isFocused(target); tabs++) { // once around, the links in the window too
            page.keyboard().press(tab);
        }
        assertThat(target).isFocused();
        return this;
    }

    /** Chooses a setting of the card from a list that drops down. */
    Owner picks(String list, String option) {
        choosesFrom(list, option);
        assertThat(page.locator(".card")).containsText(option);
        return this;
    }

    /** Chooses from a list that drops down. */
    Owner choosesFrom(String list, String option) {
        gestures += 2;
        Locator open = opensList(list);
        Locator wanted = open.locator(".ant-select-item-option")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("(^|: )" + option + "$")));
        assertThat(wanted).isVisible();
        comesToRest();
        wanted.click();
        assertThat(open).hasCount(0);
        return this;
    }

    /** Presses a list, once more where it does not drop down, as anybody would. */
    private Locator opensList(String list) {
        Locator field = page.getByLabel(list, new Page.GetByLabelOptions().setExact(true));
        Locator open = page.locator(".ant-select-dropdown:not(.ant-select-dropdown-hidden)");
        field.click();
        try {
            open.waitFor(new Locator.WaitForOptions().setTimeout(15_000));
        } catch (TimeoutError none) {
            field.click();
        }
        return open;
    }

    /** Gives a page a text by one call; a line end is written as in JavaScript. */
    Owner writes(String page, String text) {
        Object there = this.page.evaluate(
                "async page => (await (await fetch(`/-/api/pages/${page}/text`)).json()).hash", page);
        return sends("{'kind':'setText','page':'" + page + "','text':'" + text + "','stretch':'written','upon':'"
                + there + "'}");
    }

    Owner presses(String... keys) {
        for (String key : keys) {
            gestures++;
            page.keyboard().press(key);
        }
        return this;
    }

    Owner types(String text) {
        gestures++;
        page.keyboard().type(text);
        return this;
    }

    Owner isTold(String sentence) {
        assertThat(page.locator(".foot-line [role=status]")).containsText(sentence);
        assertThat(page.locator(".keeping")).hasText("Saved");
        return this;
    }

    Owner seesAddress(String title, String address) {
        assertThat(found(title).getByRole(AriaRole.GRIDCELL).nth(1)).hasText(address);
        return this;
    }

    Owner seesSentence(String sentence) {
        assertThat(page.locator(".card .sentence")).hasText(sentence);
        return this;
    }

    Owner seesWaiting(int count) {
        assertThat(page.locator(".waiting")).hasText(count + " waiting");
        return this;
    }

    Owner publishes() {
        clicks("Publish");
        assertThat(page.getByText("Nothing waits").first()).isVisible();
        return this;
    }

    /** Titles of the rows under a page, in order, as the outline shows them. */
    Owner seesUnder(String parent, String... titles) {
        Object shown = RowsShown.under(page, parent, String.join(", ", titles));
        assertEquals(shown, String.join(", ", titles));
        return this;
    }

    /** Lays the window out as on a phone. */
    Owner looksOnAPhone() {
        page.getByText("Phone", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".scale")).hasText("100 %");
        return this;
    }

    /**
     * By key: a click that comes while the browser still moves the frame may land where the frame stood before, since
     * the frame is a process of its own.
     */
    Owner opensTheDrawer() {
        window().locator("details.drawer > summary").press("Enter");
        assertThat(window().locator("details.drawer")).hasAttribute("open", "");
        return this;
    }

    Owner opensScreen(String name) {
        Locator screens = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Screens"));
        assertThat(screens).isVisible();
        Locator there = screens.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name));
        if (there.count() == 0) {
            seldomScreens().click();
            there = page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name));
        }
        there.click();
        assertThat(page.locator("h2").first()).hasText(name);
        return this;
    }

    /** What opens the list of the screens that are seldom wanted; it is called as the one that is open. */
    Locator seldomScreens() {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Screens"))
                .getByRole(AriaRole.BUTTON);
    }

    /** Folds all menus but one, and chooses that. */
    Owner opensMenu(String name) {
        opensScreen("Menus");
        assertThat(outline()).isVisible();
        clicks("Fold").page.getByText("To the first level").click();
        return chooses(name).presses("ArrowRight");
    }

    /** A key held down, with others or none, until it has come so many times. */
    Owner holds(String others, String key, int times) {
        List<String> down = others.isEmpty() ? List.of() : List.of(others.split("\\+"));
        down.forEach(page.keyboard()::down);
        for (int time = 0; time < times; time++) {
            page.keyboard().down(key);
        }
        page.keyboard().up(key);
        down.reversed().forEach(page.keyboard()::up);
        return this;
    }

    /** Once all is kept, the first rows of the page tree, all unfolded, are those of the server. */
    Owner hasTheRowsOfTheServer() {
        assertThat(page.locator(".keeping")).hasText("Saved");
        List<?> shownAndThere = RowsShown.besideThoseOfTheServer(page);
        assertEquals(shownAndThere.get(0), shownAndThere.get(1));
        return this;
    }

    /** Pastes a list into the add line, reads what it would add, and adds it. */
    Owner pastesList(String text, String foretold) {
        pastes(text);
        assertThat(page.locator(".pasted")).containsText(foretold);
        return presses("Enter");
    }

    /** Pastes words into the field that has the focus. */
    Owner pastes(String text) {
        return pastes("text/plain", text);
    }

    /** Pastes what has one form only. */
    Owner pastes(String type, String content) {
        gestures++;
        page.evaluate(
                "([type, content]) => { const data = new DataTransfer(); data.setData(type, content);"
                        + " document.activeElement.dispatchEvent(new ClipboardEvent('paste',"
                        + " { clipboardData: data, bubbles: true, cancelable: true })); }",
                new Object[] {type, content});
        return this;
    }

    /** Sends a change as the editor would, to bring a site into a state that is not what the errand is about. */
    Owner sends(String change) {
        assertEquals(posts("changes", NEW_REQUEST + ", basedOn: copy.revision, changes: [" + change + "]"), 200);
        page.reload();
        assertThat(page.locator(".keeping")).isVisible();
        return this;
    }

    /** Lets what an address gives come this much later, until the page is loaded anew. */
    Owner waitsFor(String ending, int milliseconds) {
        page.evaluate(
                "([ending, milliseconds]) => { const quick = window.fetch; window.fetch = async (address, how) => {"
                        + " if (address.endsWith(ending))"
                        + " await new Promise(resume => setTimeout(resume, milliseconds));"
                        + " return quick(address, how); }; }",
                new Object[] {ending, milliseconds});
        return this;
    }

    /** Clicks, drags and keys that act since this was asked last; typing a text counts one. */
    int gestures() {
        int count = gestures;
        gestures = 0;
        return count;
    }

    /** Moves the real pointer over something in the window. */
    Owner pointsAt(Locator inWindow) {
        Pointer.pointsAt(this, inWindow);
        return this;
    }

    /** Clicks something in the window, to edit it. */
    Owner clicksToEdit(Locator inWindow) {
        clicks("Pick on the page");
        Locator choosing = window().locator(".choosing");
        assertThat(choosing).isVisible();
        clicksAt(inWindow);
        try {
            choosing.waitFor(new Locator.WaitForOptions().setState(DETACHED).setTimeout(15_000));
            return this;
        } catch (TimeoutError cameAnewUnderThePointer) {
            return clicksAt(inWindow);
        }
    }

    /** Clicks something in the window. */
    Owner clicksAt(Locator inWindow) {
        gestures++;
        pointsAt(inWindow);
        page.mouse().down();
        page.mouse().up();
        return this;
    }
}
