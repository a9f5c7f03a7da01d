package velnik.server.visiting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import velnik.core.site.Look;
import velnik.server.Caller;
import velnik.server.OnTheDemo;

/** The look of the site, and any other in the preview. */
public class LooksTest extends OnTheDemo {
    private static void wears(String html, Look look) {
        assertTrue(html.contains("data-look=\"" + look.word() + "\""), html);
        assertTrue(html.contains("href=\"/-/static/visitor/" + look.word() + ".css\""), html);
    }

    @Test
    public void preview_showsAnyLook_andChangesNothing() {
        Caller mara = server.mara();
        long revision = mara.revision();
        String window = mara.posts("/-/api/windows", "{}")
                .answers(201)
                .json()
                .path("address")
                .asString();
        for (Look look : Look.values()) {
            wears(server.visit(window + "/hire?look=" + look).body(), look);
            wears(server.visit(window + "/nowhere?look=" + look).body(), look);
            String group = server.visit(window + "/moorings?look=" + look).body();
            assertTrue(group.isEmpty() || group.contains("data-look=\"" + look.word() + "\""), group);
        }
        assertEquals(server.visit(window + "/?look=HARBOUR").statusCode(), 400);
        wears(server.visit(window + "/hire").body(), Look.STAITHE);
        assertEquals(mara.revision(), revision);
    }

    @Test
    public void anotherLook_isSeenOnceItIsPublished_andUndoneInOne() {
        Caller mara = server.mara();
        mara.edits("{'kind':'setLook','look':'HARBOUR'}").answers(400);
        mara.edits("{'kind':'setLook','look':'WEIR'}").answers(200);
        wears(server.visit("/hire").body(), Look.STAITHE);
        assertTrue(mara.gets("/-/api/waiting").response().body().contains("The look of the site becomes Weir."));
        mara.publishes().answers(201);
        wears(server.visit("/hire").body(), Look.WEIR);
        mara.steps("undo").answers(200);
        mara.publishes().answers(201);
        wears(server.visit("/hire").body(), Look.STAITHE);
    }
}
