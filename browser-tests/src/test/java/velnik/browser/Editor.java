package velnik.browser;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** The editor in a browser: where on it things are, and what it would ask of the server. */
class Editor extends Watched {
    static final String NEW_REQUEST = "request: crypto.randomUUID()";

    final RunningVelnik velnik;

    Editor(RunningVelnik velnik, BrowserContext context) {
        super(context);
        this.velnik = velnik;
    }

    Locator outline() {
        return page.getByRole(AriaRole.TREEGRID);
    }

    Locator row(String title) {
        return outline()
                .getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions()
                        .setHas(page.locator(".title")
                                .getByText(title, new Locator.GetByTextOptions().setExact(true))));
    }

    /** What is said at a row against what was wanted there. */
    Locator objection() {
        return page.locator(".says:not(.ant-popover-hidden)").getByRole(AriaRole.ALERT);
    }

    /** What is said beside the pointer while something is dragged. */
    Locator dragNote() {
        return page.locator(".drag-note");
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator link(String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** An entry of a list that a button has opened. */
    Locator menuEntry(String name) {
        return page.getByRole(
                AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A cell of the zone table. */
    Locator cell(String zone, String scope) {
        return page.locator(".zone-table button")
                .filter(new Locator.FilterOptions().setHasText(zone + " of " + scope + ":"));
    }

    static boolean isFocused(Locator target) {
        return (Boolean) target.evaluate("element => element === document.activeElement");
    }

    /** To where calls come from the same origin and no editor starts first. */
    void goesAside() {
        page.navigate(velnik.url("/robots.txt"));
    }

    /** Whether nothing is left; an edit that others built upon cannot be undone. */
    boolean undoesWhatCanBe() {
        goesAside();
        int status = 200;
        for (int undone = 0; undone < 200 && status == 200; undone++) {
            status = posts("undo", NEW_REQUEST);
        }
        return status == 422;
    }

    /** Leaves the working copy as it was before this person's first edit, and the editor as it was arranged. */
    void undoesEverything() {
        assertTrue(undoesWhatCanBe(), "nothing is left to undo");
        Arranged.AT_FIRST.forEach(this::arranges);
        arranges("card-groups", Arranged.ALL_GROUPS_OPEN);
    }

    /** Leaves what visitors get as it was too. */
    void undoesEverythingAndPublishes() {
        undoesEverything();
        publishesWhatWaits();
    }

    /** Makes changes and publishes them by two calls, for an errand that is about what visitors get. */
    void publishesAtOnce(String changes) {
        assertEquals(posts("changes", NEW_REQUEST + ", basedOn: copy.revision, changes: [" + changes + "]"), 200);
        publishesWhatWaits();
    }

    /** By one call; after everything is undone, visitors get what they got before it too. */
    void publishesWhatWaits() {
        int status = posts("releases", NEW_REQUEST + ", basedOn: copy.revision, note: ''");
        assertTrue(status == 201 || status == 422, "published, or nothing waits: " + status);
    }

    /** Sets what the person has arranged for themselves; the editor reads it when it is opened. */
    void arranges(String name, String setting) {
        assertEquals(posts("preferences", "name: '" + name + "', setting: '" + setting + "'"), 204);
    }

    /** The status that an address of the editor's calls answers with; the body may name the working copy. */
    int posts(String call, String body) {
        String copy = body.contains("copy.") ? " const copy = await (await fetch('/-/api/working-copy')).json();" : "";
        Object status = page.evaluate("async () => {"
                + copy
                + " const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];"
                + " const answer = await fetch('/-/api/" + call + "', { method: 'POST', headers: {"
                + " 'Content-Type': 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token) },"
                + " body: JSON.stringify({ " + body + " }) });"
                + " return answer.status; }");
        return (Integer) status;
    }

    /** The header in the window. */
    Locator header() {
        return window().locator(".header .across");
    }

    FrameLocator window() {
        return page.frameLocator("iframe");
    }

    /** Does something that sets what is remembered with the person, and waits until it is. */
    void isRemembered(String preference, String setting, Runnable deed) {
        String name = "\"name\":\"" + preference + '"';
        page.waitForResponse(
                kept -> {
                    String sent = String.valueOf(kept.request().postData());
                    return sent.contains(name) && sent.contains(setting);
                },
                deed);
    }

    /** Does something that moves, resizes, shows or hides a row of what is in the window. */
    void seesAnotherPicture(Locator inWindow, Runnable deed) {
        String picture = "zone => JSON.stringify([...zone.querySelectorAll('li, button, summary')].map(row => {"
                + " const box = row.getBoundingClientRect();"
                + " return [box.x, box.y, box.width, box.height].map(Math.round); }))";
        Object before = inWindow.evaluate(picture);
        deed.run();
        for (int tries = 0; tries < 100 && before.equals(inWindow.evaluate(picture)); tries++) {
            page.waitForTimeout(100);
        }
        assertNotEquals(inWindow.evaluate(picture), before, "nothing to be seen of it");
    }
}
