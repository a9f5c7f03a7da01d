package velnik.server.visiting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.net.http.HttpResponse;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import velnik.core.looks.TunedSheet;
import velnik.core.site.Look;
import velnik.core.site.Token;
import velnik.core.site.Tuning;
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

    @Test
    public void tuning_isTriedWithoutAnEdit_keptByOne_andSeenOncePublished() {
        Caller mara = server.mara();
        long revision = mara.revision();
        JsonNode tried = mara.gets("/-/api/looks/tried?token=ACCENT&value=%239fd0ff")
                .answers(200)
                .json();
        assertEquals(tried.path("weak").size(), 1);
        String nearest = tried.path("weak").get(0).path("nearest").asString();
        assertTrue(tried.path("weak").get(0).path("sentence").asString().contains(nearest), tried.toString());
        assertEquals(tried.path("stylesheets").size(), 2, tried.toString());
        assertEquals(mara.revision(), revision);
        assertEquals(mara.workingCopy().path("settings").path("tuning").size(), 0);

        mara.edits("{'kind':'setToken','token':'ACCENT','value':'" + nearest + "'}")
                .answers(200);
        mara.edits("{'kind':'setToken','token':'TYPE','value':'MULISH'}").answers(200);
        assertEquals(mara.gets("/-/api/looks/tried").json().path("weak").size(), 0);
        String sheet = TunedSheet.of(Look.STAITHE, Tuning.NONE.with(Token.ACCENT, nearest))
                .orElseThrow()
                .address();
        assertFalse(server.visit("/hire").body().contains(sheet));
        mara.publishes().answers(201);
        String html = server.visit("/hire").body();
        assertTrue(
                html.contains("staithe.css\">\n<link rel=\"stylesheet\" href=\"/-/static/visitor/type-mulish.css\">"),
                html);
        assertTrue(html.contains("<link rel=\"stylesheet\" href=\"" + sheet + "\">"), html);
        HttpResponse<String> css = server.visit(sheet);
        assertEquals(css.statusCode(), 200);
        assertTrue(css.headers().firstValue("Cache-Control").orElse("").contains("immutable"));
        assertTrue(css.body().contains("--accent:light-dark(" + nearest + ","), css.body());
        assertEquals(server.visit(sheet.replace("staithe", "harbour")).statusCode(), 404);
        mara.steps("undo").answers(200);
        mara.steps("undo").answers(200);
        mara.publishes().answers(201);
        assertFalse(server.visit("/hire").body().contains(sheet));
    }

    @Test
    public void noColour_isRefused_andNothingIsOtherwise() {
        Caller mara = server.mara();
        long revision = mara.revision();
        mara.edits("{'kind':'setToken','token':'ACCENT','value':'teal'}").refuses(422, "colour-malformed");
        mara.edits("{'kind':'setToken','token':'SIZE','value':'300'}").refuses(422, "token-out-of-range");
        mara.edits("{'kind':'setToken','token':'DEPTH','value':'3'}").answers(400);
        mara.gets("/-/api/looks/tried?token=DEPTH").answers(400);
        assertEquals(
                mara.gets("/-/api/looks/tried?token=ACCENT&value=teal")
                        .answers(200)
                        .json()
                        .path("stylesheets")
                        .size(),
                1);
        assertEquals(mara.revision(), revision);
    }
}
