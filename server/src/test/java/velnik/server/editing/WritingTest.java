package velnik.server.editing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import velnik.core.site.Limits;
import velnik.server.Caller;
import velnik.server.OnTheDemo;
import velnik.server.Started;

/** Texts over HTTP: kept as they are typed, a stretch of typing as one edit, and nobody's written over. */
public class WritingTest extends OnTheDemo {
    private static JsonNode text(Caller who, String page) {
        return who.gets("/-/api/pages/" + page + "/text").answers(200).json();
    }

    private static String words(Caller who, String page) {
        return text(who, page).path("text").asString();
    }

    private static String writing(String page, String text, String upon, String stretch) {
        return "{'kind':'setText','page':'" + page + "','text':'" + text + "','upon':"
                + (upon.isEmpty() ? "null" : "'" + upon + "'") + ",'stretch':'" + stretch + "'}";
    }

    private static Caller.Answer writes(Caller who, String page, String text, String stretch) {
        return who.edits(writing(page, text, text(who, page).path("hash").asString(), stretch));
    }

    @Test
    public void aStretchOfTyping_isOneEdit() throws IOException {
        try (Started own = Started.demo()) {
            Caller owner = own.mara();
            String before = words(owner, "kayaks");
            int edits = edits(owner);
            writes(owner, "kayaks", "Six kayaks", "one").answers(200);
            writes(owner, "kayaks", "Six kayaks, two", "one").answers(200);
            writes(owner, "kayaks", "Six kayaks, two of them for two.", "one").answers(200);
            assertEquals(edits(owner), edits + 1);
            writes(owner, "kayaks", "Seven kayaks.", "two").answers(200);
            assertEquals(edits(owner), edits + 2);
            owner.steps("undo").answers(200);
            assertEquals(words(owner, "kayaks"), "Six kayaks, two of them for two.");
            try (Started again = own.again()) {
                Caller later = again.mara();
                assertEquals(words(later, "kayaks"), "Six kayaks, two of them for two.");
                later.steps("undo").answers(200);
                assertEquals(words(later, "kayaks"), before);
                later.steps("redo").answers(200);
                assertEquals(words(later, "kayaks"), "Six kayaks, two of them for two.");
                later.publishes().answers(201);
                assertTrue(again.visit("/hire/kayaks").body().contains("<p>Six kayaks, two of them for two.</p>"));
            }
        }
    }

    private static int edits(Caller who) {
        return who.gets("/-/api/working-copy")
                .answers(200)
                .json()
                .path("history")
                .path("latest")
                .size();
    }

    /** Whoever was elsewhere in between is told of all of it, and typing back to the beginning is an edit too. */
    @Test
    public void windowsElsewhere_catchUpFromAnyRevision() {
        String before = "Come by.";
        writes(mara, "contact", before, "come").answers(200);
        long seen = mara.revision();
        writes(mara, "contact", "Ring us.", "ring").answers(200);
        long between = mara.revision();
        writes(mara, "contact", "Ring us today.", "ring").answers(200);
        for (long since : new long[] {seen, between}) {
            JsonNode rows = mara.gets("/-/api/edits?since=" + since)
                    .answers(200)
                    .json()
                    .path("difference")
                    .path("altered");
            assertEquals(
                    rows.path(0).path("text").asString(),
                    text(mara, "contact").path("hash").asString());
        }
        writes(mara, "contact", before, "ring").answers(200);
        assertEquals(words(mara, "contact"), before);
        mara.steps("undo").answers(200);
        assertEquals(words(mara, "contact"), "Ring us today.");
        mara.steps("undo").answers(200);
        assertEquals(words(mara, "contact"), before);
    }

    @Test
    public void whatSomebodyElseWrote_isNeverWrittenOver() {
        Caller jo = server.signedIn("jo", "neap-tide");
        String seen = text(mara, "prices").path("hash").asString();
        writes(jo, "prices", "By the hour.", "jo").answers(200);
        String pages = mara.pages();
        mara.edits(writing("prices", "By the day.", seen, "mara")).refuses(409, "text-changed");
        assertEquals(mara.pages(), pages);
        assertEquals(words(mara, "prices"), "By the hour.");
        writes(mara, "prices", "By the hour or day.", "jo").answers(200);
        jo.steps("undo").refuses(409, "built-upon");
        assertEquals(words(mara, "prices"), "By the hour or day.");
    }

    /** What visitors may have kept keeps leading there; what nobody could know is called by its words. */
    @Test
    public void aHeadingThatVisitorsHave_keepsItsName() {
        writes(mara, "sails-and-rigging", "## Ropes\\n\\n## Masts", "names").answers(200);
        mara.publishes().answers(201);
        writes(mara, "sails-and-rigging", "## Ropes and lines\\n\\n## Masts\\n\\n## New", "names")
                .answers(200);
        assertEquals(words(mara, "sails-and-rigging"), "## Ropes and lines {#ropes}\n\n## Masts\n\n## New");
        writes(
                        mara,
                        "sails-and-rigging",
                        words(mara, "sails-and-rigging").replace("\n", "\\n").replace("New", "Newer"),
                        "names")
                .answers(200);
        assertEquals(words(mara, "sails-and-rigging"), "## Ropes and lines {#ropes}\n\n## Masts\n\n## Newer");
        JsonNode places =
                mara.gets("/-/api/pages/sails-and-rigging/places").answers(200).json();
        assertEquals(places.path(0).path("name").asString(), "ropes");
        assertEquals(places.path(0).path("words").asString(), "Ropes and lines");
        JsonNode found =
                mara.gets("/-/api/places?text=ropes%20and").answers(200).json();
        assertEquals(
                found,
                mara.gets("/-/api/places?text=%23ropes%20and").answers(200).json());
        assertEquals(found.path(0).path("page").asString(), "sails-and-rigging");
        assertEquals(
                mara.gets("/-/api/pages/never-was/places").answers(200).json().size(), 0);
    }

    @Test
    public void addressesOfTheSite_becomeLinksThatLast() {
        var answer = writes(mara, "hulls", "See [what it costs](/hire/prices).", "links")
                .answers(200)
                .json();
        assertEquals(answer.path("texts").path(0).path("text").asString(), "See [what it costs](page:prices).");
        assertEquals(
                writes(mara, "hulls", "See [what it costs](page:prices)!", "links")
                        .answers(200)
                        .json()
                        .path("texts")
                        .size(),
                0);
        mara.edits("{'kind':'movePages','pages':['prices'],'place':{'parent':null,'after':null}}")
                .answers(200);
        mara.publishes().answers(201);
        assertTrue(server.visit("/repairs/hulls").body().contains("<a href=\"/prices\">what it costs</a>"));
        mara.edits("{'kind':'setReach','pages':['prices'],'reach':'HELD_BACK'}").answers(200);
        mara.publishes().answers(201);
        String page = server.visit("/repairs/hulls").body();
        assertTrue(page.contains("See what it costs!"), page);
        assertFalse(page.contains("/prices"), page);
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {writing("canoes", "x".repeat(Limits.TEXT + 1), "", "s"), 422, "text-too-long"},
            {writing("never-was", "Words", "", "s"), 404, "page-unknown"},
            {writing("moorings", "Words", "", "s"), 422, "no-text-of"},
            {writing("canoes", "Words", "no-hash", "s"), 400, "not-understood"},
            {"{'kind':'setText','page':'canoes','text':'x','upon':null}", 400, "not-understood"},
            {"{'kind':'setText','page':'canoes','upon':null,'stretch':'s'}", 400, "not-understood"},
            {"{'kind':'setSummary','page':'canoes','summary':'" + "x".repeat(501) + "'}", 422, "summary-too-long"},
            {"{'kind':'setSummary','page':'moorings','summary':'x'}", 422, "no-text-of"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBe_isRefused_andNothingIsChanged(String change, int status, String type) {
        String pages = mara.pages();
        long revision = mara.revision();
        mara.edits(change).refuses(status, type);
        assertEquals(mara.pages(), pages);
        assertEquals(mara.revision(), revision);
    }

    @Test
    public void textsOfNoPage_andOfStrangers_areNotRead() {
        mara.gets("/-/api/pages/never-was/text").refuses(404, "page-unknown");
        mara.gets("/-/api/pages/never%20was/text").refuses(404, "page-unknown");
        Caller reader = server.signedIn("visitor-desk", "low-water");
        assertFalse(words(reader, "canoes").isEmpty());
        writes(reader, "canoes", "Mine", "s").answers(403);
        assertEquals(server.visit("/-/api/pages/canoes/text").statusCode(), 401);
    }
}
