package velnik.browser;

import static org.testng.Assert.fail;

import com.microsoft.playwright.Locator;
import java.util.Map;

/**
 * The real pointer over the window. The frame is scaled, which Playwright's own hovering in a frame does not reckon with,
 * so the point is worked out here.
 */
final class Pointer {
    private static final int TRIES = 20;

    private Pointer() {}

    /** Moves it over something in the window, and again where that went on beneath it. */
    static void pointsAt(Editor editor, Locator inWindow) {
        Watched.settles(inWindow);
        for (int tries = 0; tries < TRIES; tries++) {
            moves(editor, inWindow);
            editor.framesPass();
            if ((Boolean) inWindow.evaluate("element => element.matches(':hover')")) return;
        }
        fail("something lies over " + inWindow);
    }

    private static void moves(Editor editor, Locator inWindow) {
        Map<?, ?> middle = (Map<?, ?>) inWindow.evaluate("""
                element => { element.scrollIntoView({ block: 'center' });
                const box = element.getBoundingClientRect();
                return { x: box.x + box.width / 2, y: box.y + box.height / 2 }; }""");
        Map<?, ?> frame = (Map<?, ?>) editor.page().locator("iframe").evaluate("""
                frame => { const box = frame.getBoundingClientRect();
                return { x: box.x, y: box.y, scale: box.width / frame.offsetWidth }; }""");
        double scale = Watched.number(frame, "scale");
        editor.page()
                .mouse()
                .move(
                        Watched.number(frame, "x") + Watched.number(middle, "x") * scale,
                        Watched.number(frame, "y") + Watched.number(middle, "y") * scale);
    }
}
