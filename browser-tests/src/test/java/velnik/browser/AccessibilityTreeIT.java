package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import org.testng.annotations.Test;

/** What assistive technology is told of the outline, as the browser itself computes it. */
public class AccessibilityTreeIT extends UndoneTest {

    /** A node of the browser's accessibility tree. */
    private record Node(String role, String name, JsonObject json) {
        String property(String wanted) {
            return StreamSupport.stream(json.getAsJsonArray("properties").spliterator(), false)
                    .map(JsonElement::getAsJsonObject)
                    .filter(property -> property.get("name").getAsString().equals(wanted))
                    .map(property ->
                            property.getAsJsonObject("value").get("value").getAsString())
                    .findFirst()
                    .orElse("");
        }
    }

    private List<Node> nodes() {
        CDPSession session = mara.page().context().newCDPSession(mara.page());
        List<Node> nodes = new ArrayList<>();
        for (JsonElement each : session.send("Accessibility.getFullAXTree").getAsJsonArray("nodes")) {
            JsonObject node = each.getAsJsonObject();
            if (!node.get("ignored").getAsBoolean()) {
                nodes.add(new Node(text(node, "role"), text(node, "name"), node));
            }
        }
        session.detach();
        return nodes;
    }

    private static String text(JsonObject node, String field) {
        return node.has(field) && node.getAsJsonObject(field).has("value")
                ? node.getAsJsonObject(field).get("value").getAsString()
                : "";
    }

    private Node row(String begins) {
        return nodes().stream()
                .filter(node -> node.role().equals("row") && node.name().startsWith(begins))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no row " + begins));
    }

    private String positionOf(String title) {
        return (String) mara.row(title)
                .evaluate(
                        "row => ['level', 'posinset', 'setsize'].map(of => row.getAttribute('aria-' + of)).join('/')");
    }

    @Test
    public void outline_tellsLevelsPositionsAndStates_andAnnouncesMoves() {
        mara.chooses("Hire");
        assertEquals(row("Hire").property("level"), "1");
        assertEquals(row("Hire").property("expanded"), "true");
        assertEquals(row("Hire").property("selected"), "true");
        assertEquals(row("Canoes").property("level"), "2");
        assertEquals(row("Canoes").property("selected"), "false");
        assertEquals(row("Canoes").property("expanded"), "", "a row without rows beneath it is not told as folded");
        assertEquals(positionOf("Canoes"), "2/1/6");
        assertEquals(positionOf("Prices"), "2/4/6");
        Node grid = nodes().stream()
                .filter(node -> node.role().equals("treegrid"))
                .findFirst()
                .orElseThrow();
        assertEquals(grid.name(), "Pages");
        assertEquals(grid.property("focused"), "true");
        assertEquals(grid.property("multiselectable"), "true");

        mara.presses("ArrowLeft");
        assertThat(mara.row("Canoes")).hasCount(0);
        assertEquals(row("Hire").property("expanded"), "false");
        mara.presses("ArrowRight", "ArrowDown", "Control+Shift+ArrowDown").isTold("Canoes moved after Kayaks.");
        assertEquals(positionOf("Canoes"), "2/2/6");
        assertTrue(
                nodes().stream()
                        .anyMatch(node -> node.role().equals("status")
                                && node.property("live").equals("polite")
                                && mara.page()
                                        .locator(".foot-line [role=status]")
                                        .innerText()
                                        .equals("Canoes moved after Kayaks.")),
                "a move is announced");
        assertEquals(
                mara.outline().getAttribute("aria-activedescendant"),
                mara.row("Canoes").getAttribute("id"));
        mara.presses("Shift+ArrowDown");
        assertEquals(
                nodes().stream()
                        .filter(node -> node.role().equals("row")
                                && node.property("selected").equals("true"))
                        .count(),
                2);
        mara.complainsOfNothing();
    }
}
