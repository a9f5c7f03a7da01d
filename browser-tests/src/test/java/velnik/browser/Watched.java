package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** A page of the browser that remembers every complaint: errors, and what a policy kept from loading. */
class Watched {
    private final List<String> complaints = new ArrayList<>();
    protected final Page page;

    Watched(BrowserContext context) {
        page = context.newPage();
        page.setDefaultTimeout(BrowserTest.PATIENCE);
        page.onConsoleMessage(message -> {
            if (message.type().equals("error") || message.type().equals("warning")) {
                complaints.add(message.text() + " " + message.location());
            }
        });
        page.onPageError(complaints::add);
    }

    /** Expected ones, such as the browser's note of an answer that refuses, are named and taken off. */
    void forgives(String part) {
        complaints.removeIf(complaint -> complaint.contains(part));
    }

    void complainsOfNothing() {
        assertEquals(complaints.toString(), "[]");
    }

    /** Has nothing to complain of and goes, before the server does: an open editor would go on asking for it. */
    void leaves() {
        complainsOfNothing();
        page.close();
    }

    /** No violation of WCAG 2.2 AA that a machine can find, on the page or in the frames it shows. */
    void isAccessible(String where) {
        violatesNone("['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']", where);
    }

    /** As {@link #isAccessible}, for what colours and sizes decide, where the same elements were looked at already. */
    void isReadable(String where) {
        violatesNone("{ type: 'rule', values: ['color-contrast', 'link-in-text-block', 'target-size'] }", where);
    }

    private void violatesNone(String rules, String where) {
        rests();
        page.evaluate(axe());
        Object violations = page.evaluate("async () => (await axe.run(document, { runOnly: " + rules
                + ", resultTypes: ['violations'], iframes: false }))"
                + ".violations.map(v => v.id + ': ' + v.nodes.map(n => n.target.join(' ')).join(', '))");
        assertEquals(violations, List.of(), where);
    }

    /** Takes the pointer away from whatever shows a hint, and waits until it is gone and no colour is on its way. */
    void rests() {
        page.mouse().move(300, 795);
        assertThat(page.locator(".ant-tooltip:visible")).hasCount(0);
        comesToRest();
    }

    /**
     * Waits until nothing has moved for some frames, so that a click lands on what was aimed at and no colour is half
     * way; some movements begin a few frames after what they show is there.
     */
    void comesToRest() {
        page.evaluate("async () => { const until = performance.now() + 5000;"
                + " for (let still = 0; still < 5 && performance.now() < until;"
                + " still = document.getAnimations().length === 0 ? still + 1 : 0)"
                + " await new Promise(requestAnimationFrame); }");
    }

    /** Waits until what comes with the next frames has come: rows after scrolling, the focus that a key moves. */
    void framesPass() {
        page.evaluate("async () => { for (let frames = 0; frames < 4; frames++)"
                + " await new Promise(requestAnimationFrame); }");
    }

    /** Waits until an element has stood where it stands for a while; what comes into its page late may move it. */
    static void settles(Locator element) {
        element.evaluate("async element => { const place = () => { const box = element.getBoundingClientRect();"
                + " return `${element.isConnected} ${box.x} ${box.y} ${box.width} ${box.height}`; };"
                + " let before = place(); let still = 0;"
                + " for (let tries = 0; still < 8 && tries < 80; tries++) {"
                + " await new Promise(resume => setTimeout(resume, 60)); const now = place();"
                + " still = now === before ? still + 1 : 0; before = now; } }");
    }

    static double number(Map<?, ?> from, String name) {
        return ((Number) Objects.requireNonNull(from.get(name))).doubleValue();
    }

    private static String axe() {
        try {
            Path modules = Path.of(Objects.requireNonNull(System.getProperty("velnik.modules")));
            return Files.readString(modules.resolve("axe-core/axe.min.js"));
        } catch (IOException missing) {
            throw new IllegalStateException(missing);
        }
    }

    Page page() {
        return page;
    }
}
