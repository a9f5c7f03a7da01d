package velnik.server.editing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.server.Caller;
import velnik.server.OnTheDemo;
import velnik.server.Started;

/** Edits over HTTP, on the real database. */
public class EditingTest extends OnTheDemo {
    private static final String RETITLE = "{'kind':'retitlePage','page':'canoes','title':'%s'}";

    private static String add(String id, String title) {
        return "{'kind':'addPages','pages':[{'id':'" + id + "','place':{'parent':'hire','after':null},'title':'" + title
                + "','reach':null}]}";
    }

    @Test
    public void errand_addRetitleMoveUndoRedoPublish_reachesVisitors() {
        mara.edits(add("boards", "Paddleboards")).answers(200);
        assertEquals(server.visit("/hire/paddleboards").statusCode(), 404);
        mara.edits("{'kind':'movePages','pages':['boards'],'place':{'parent':'repairs','after':null}}")
                .answers(200);
        var undone = mara.steps("undo").answers(200).json();
        assertEquals(undone.path("told").path(0).asString(), "Undone: Move Paddleboards under Repairs.");
        assertEquals(undone.path("history").path("redo").asString(), "Move Paddleboards under Repairs");
        mara.steps("redo").answers(200);
        mara.steps("undo").answers(200);
        mara.publishes().answers(201);
        assertEquals(server.visit("/hire/paddleboards").statusCode(), 200);
        assertTrue(server.visit("/contact").body().contains("href=\"/hire/paddleboards\""));
        mara.publishes().refuses(422, "nothing-waits");
    }

    @Test
    public void removal_isToldFirst_goesToTheBin_andComesBackAfterARestart() throws IOException {
        try (Started own = Started.demo()) {
            Caller owner = own.mara();
            String before = owner.pages();
            String remove = "{'kind':'removePages','removal':'gone','pages':['hire'],'subpages':'GO_TOO'}";
            var refused = owner.tries(remove).answers(200).json();
            assertEquals(
                    refused.path("refused").asString(),
                    "Safety on the tide is locked, so it stays. Unlock it before you remove it.");
            assertEquals(refused.path("told").size(), 0);
            owner.edits(remove).refuses(422, "page-locked");
            assertEquals(owner.pages(), before);
            owner.edits("{'kind':'setLock','pages':['safety-on-the-tide'],'locked':false}")
                    .answers(200);
            before = owner.pages();
            var told = owner.tries(remove).answers(200).json();
            assertEquals(told.path("told").path(0).asString(), "Hire is in the bin.");
            assertEquals(told.path("told").path(1).asString(), "6 subpages go with it.");
            assertEquals(owner.pages(), before);
            owner.edits(remove).answers(200);
            owner.publishes().answers(201);
            assertEquals(own.visit("/hire/canoes").statusCode(), 410);
            try (Started again = own.again()) {
                Caller later = again.mara();
                var newest = later.gets("/-/api/bin")
                        .answers(200)
                        .json()
                        .path("removals")
                        .path(0);
                assertEquals(newest.path("what").asString(), "Hire");
                assertEquals(newest.path("more").asInt(), 6);
                assertEquals(newest.path("where").asString(), "/hire");
                assertEquals(newest.path("by").asString(), "Mara Okafor");
                later.edits("{'kind':'restore','removal':'gone'}").answers(200);
                assertEquals(later.pages(), before);
                later.edits("{'kind':'restore','removal':'gone'}").refuses(422, "not-in-bin");
                later.steps("undo").answers(200);
                later.steps("undo").answers(200);
                assertEquals(later.pages(), before);
            }
        }
    }

    @Test
    public void sameRequestTwice_isAppliedOnce() {
        long revision = mara.revision();
        mara.editsAs("twice-twice", revision, add("twice", "Twice")).answers(200);
        var again = mara.editsAs("twice-twice", revision, add("twice", "Twice")).answers(200);
        assertEquals(again.json().path("revision").asLong(), revision + 1);
        assertEquals(again.json().path("told").path(0).asString(), "Twice added under Hire.");
    }

    @Test
    public void sameFieldChangedSince_isRefused_withBothValues() {
        long seen = mara.revision();
        Caller jo = server.signedIn("jo", "neap-tide");
        jo.editsAs("jo-was-first", seen, "{'kind':'retitlePage','page':'kayaks','title':'Sea kayaks'}")
                .answers(200);
        String before = mara.pages();
        var refused = mara.editsAs("mara-second", seen, "{'kind':'retitlePage','page':'kayaks','title':'River kayaks'}")
                .refuses(409, "changed-since");
        assertEquals(refused.json().path("theirs").asString(), "Sea kayaks");
        assertEquals(refused.json().path("yours").asString(), "River kayaks");
        assertEquals(mara.pages(), before);
        mara.editsAs("another-field", seen, "{'kind':'setReach','pages':['kayaks'],'reach':'BY_LINK_ONLY'}")
                .answers(200);
    }

    @Test
    public void undo_isEachPersonsOwn() {
        Caller jo = server.signedIn("jo", "neap-tide");
        jo.edits("{'kind':'retitlePage','page':'privacy','title':'Your data'}").answers(200);
        mara.edits("{'kind':'retitlePage','page':'contact','title':'Talk to us'}")
                .answers(200);
        assertEquals(jo.steps("undo").answers(200).json().path("title").asString(), "Rename Privacy to Your data");
        assertEquals(mara.steps("undo").answers(200).json().path("title").asString(), "Rename Contact to Talk to us");
    }

    @Test
    public void undo_ofWhatWasBuiltUpon_isRefused_andChangesNothing() {
        Caller jo = server.signedIn("jo", "neap-tide");
        jo.edits(add("built", "Built")).answers(200);
        mara.edits("{'kind':'retitlePage','page':'built','title':'Built upon'}").answers(200);
        String before = mara.pages();
        jo.steps("undo").refuses(409, "built-upon");
        assertEquals(mara.pages(), before);
    }

    @Test
    public void undo_ofWhatWasBuiltUpon_canTakeBothBack_orLeaveIt_alsoAfterARestart() throws IOException {
        try (Started own = Started.demo()) {
            Caller owner = own.mara();
            Caller jo = own.signedIn("jo", "neap-tide");
            String before = owner.pages();
            owner.edits(RETITLE.formatted("Open canoes")).answers(200);
            String first = owner.pages();
            owner.edits(add("built", "Built")).answers(200);
            jo.edits("{'kind':'retitlePage','page':'built','title':'Built upon'}")
                    .answers(200);
            jo.edits("{'kind':'retitlePage','page':'privacy','title':'Your data'}")
                    .answers(200);
            var refused = owner.steps("undo").refuses(409, "built-upon").json();
            assertEquals(refused.path("later").toString(), "[\"Rename Built to Built upon\"]");
            assertTrue(refused.path("detail").asString().endsWith("Built upon it: Rename Built to Built upon."));

            var left = owner.undoes("SKIP").answers(200).json();
            assertEquals(left.path("told").path(0).asString(), "Left as it is: Add Built under Hire.");
            try (Started again = own.again()) {
                Caller later = again.mara();
                assertEquals(
                        later.workingCopy().path("history").path("undo").asString(), "Rename Canoes to Open canoes");
                later.steps("undo").answers(200);
                later.steps("redo").answers(200);
                later.edits(add("more", "More")).answers(200);
                Caller joLater = again.signedIn("jo", "neap-tide");
                joLater.edits("{'kind':'retitlePage','page':'more','title':'More of it'}")
                        .answers(200);
                var both = later.undoes("TOGETHER").answers(200).json();
                assertEquals(
                        both.path("told").toString(),
                        "[\"Undone: Rename More to More of it.\",\"Undone: Add More under Hire.\"]");
                assertEquals(both.path("difference").path("removed").toString(), "[\"more\"]");
                assertEquals(
                        joLater.workingCopy().path("history").path("undo").asString(),
                        "Rename Privacy to Your data",
                        "what is taken back with another's edit is no step of one's own any more");
                later.steps("redo").answers(200);
                later.steps("redo").answers(200);
                assertTrue(later.pages().contains("More of it"));
                assertTrue(!before.equals(first)
                        && later.undoes("SIDEWAYS").response().statusCode() == 400);
            }
        }
    }

    @DataProvider
    public Object[][] badEdits() {
        String long1 = "x".repeat(10_000);
        return new Object[][] {
            {RETITLE.formatted(""), 422, "title-empty"},
            {RETITLE.formatted("   "), 422, "title-empty"},
            {RETITLE.formatted(long1), 422, "title-too-long"},
            {"{'kind':'setSlug','page':'canoes','slug':'../'}", 422, "slug-malformed"},
            {"{'kind':'setSlug','page':'hire','slug':'-'}", 422, "slug-reserved"},
            {"{'kind':'setSlug','page':'canoes','slug':'prices'}", 422, "slug-taken"},
            {"{'kind':'movePages','pages':['hire'],'place':{'parent':'hire','after':null}}", 422, "under-itself"},
            {"{'kind':'movePages','pages':['hire'],'place':{'parent':null,'after':'canoes'}}", 422, "sibling-elsewhere"
            },
            {"{'kind':'movePages','pages':['nobody'],'place':{'parent':null,'after':null}}", 404, "page-unknown"},
            {"{'kind':'movePages','pages':['a b'],'place':{'parent':null,'after':null}}", 400, "not-understood"},
            {"{'kind':'setReach','pages':['home'],'reach':'HELD_BACK'}", 422, "home-stays-open"},
            {"{'kind':'setReach','pages':['hire'],'reach':'SECRET'}", 400, "not-understood"},
            {"{'kind':'setReach','pages':null,'reach':'OPEN'}", 400, "not-understood"},
            {"{'kind':'removePages','removal':'r','pages':['home'],'subpages':'MOVE_UP'}", 422, "home-stays"},
            {"{'kind':'restore','removal':'never'}", 422, "not-in-bin"},
            {"{'kind':'explode','page':'hire'}", 400, "not-understood"},
            {"{'kind':'retitlePage','page':'hire','title':'Ok','surprise':1}", 400, "not-understood"},
            {"{", 400, "not-understood"},
        };
    }

    @Test(dataProvider = "badEdits")
    public void badEdit_isRefused_andChangesNothing(String change, int status, String type) {
        String before = mara.pages();
        long revision = mara.revision();
        mara.edits(change).refuses(status, type);
        // The good half of a request goes with the bad one.
        mara.edits("{'kind':'retitlePage','page':'repairs','title':'Half'}", change)
                .refuses(status, type);
        assertEquals(mara.pages(), before);
        assertEquals(mara.revision(), revision);
    }

    @Test
    public void badRequest_isRefused_andChangesNothing() {
        String before = mara.pages();
        String good = RETITLE.formatted("Never");
        mara.editsAs("a-future-one", mara.revision() + 1, good).refuses(409, "revision-unknown");
        mara.editsAs("a-past-one", -1, good).refuses(409, "revision-unknown");
        mara.editsAs("short", mara.revision(), good).refuses(422, "fields-invalid");
        mara.edits().refuses(422, "fields-invalid");
        mara.posts("/-/api/changes", RETITLE.formatted("x".repeat(50_000_000))).refuses(413, "body-too-large");
        mara.postsWithoutCsrf("/-/api/changes", "{}").refuses(403, "csrf-missing");
        server.caller().editsAs("not-signed-in", 1, good).refuses(401, "not-signed-in");
        server.signedIn("visitor-desk", "low-water").edits(good).refuses(403, "not-allowed");
        server.signedIn("jo", "neap-tide").publishes().refuses(403, "not-allowed");
        mara.gets("/-/api/nowhere").refuses(404, "no-such-call");
        assertEquals(mara.pages(), before);
    }

    @Test
    public void pastedOutline_isShownFirst_thenAddedInOneEdit() {
        String paste = "{'request':'paste-a-list','basedOn':" + mara.revision()
                + ",'text':'Sheds\\n  Tall shed\\n  Low shed','place':{'parent':'moorings','after':null}}";
        String before = mara.pages();
        var preview = mara.posts("/-/api/imports/outline?dryRun=true", paste)
                .answers(200)
                .json();
        assertEquals(preview.path("pages").asInt(), 3);
        assertEquals(mara.pages(), before);
        var added = mara.posts("/-/api/imports/outline?dryRun=false", paste)
                .answers(200)
                .json();
        assertEquals(added.path("told").path(0).asString(), "Sheds added under Moorings with 2 pages beneath it.");
        mara.steps("undo").answers(200);
        assertEquals(mara.pages(), before);
    }

    @Test
    public void markedLines_becomePagesAsTheySay_andWhatCannotBeIsToldBefore() {
        String before = mara.pages();
        String paste =
                "{'request':'%s','basedOn':" + mara.revision() + ",'text':'%s','place':{'parent':'hire','after':null}}";
        var preview = mara.posts(
                        "/-/api/imports/outline?dryRun=true",
                        paste.formatted("marked-lines", "Camp /summer (held back)\\n  Tents"))
                .answers(200)
                .json();
        assertEquals(
                preview.path("lines").path(0).toString(),
                "{\"number\":1,\"level\":1,\"title\":\"Camp\",\"marks\":\"/summer, held back\"}");
        assertEquals(preview.path("refused").size(), 0);
        var taken = mara.posts("/-/api/imports/outline?dryRun=true", paste.formatted("marked-lines", "Again /canoes"))
                .answers(200)
                .json();
        assertEquals(taken.path("refused").toString(), "[\"The page Canoes has the address “canoes” already.\"]");
        mara.posts("/-/api/imports/outline?dryRun=false", paste.formatted("marked-lines", "Again /canoes"))
                .refuses(422, "slug-taken");
        assertEquals(mara.pages(), before);
        mara.posts(
                        "/-/api/imports/outline?dryRun=false",
                        paste.formatted("marked-lines", "Camp /summer (held back)\\n  Tents"))
                .answers(200);
        assertTrue(mara.pages().contains("\"slug\":\"summer\""), mara.pages());
        mara.steps("undo").answers(200);
        assertEquals(mara.pages(), before);
    }

    @Test
    public void requestNameUsedForSomethingElse_isTold_andChangesNothing() {
        long revision = mara.revision();
        mara.editsAs("name-of-one", revision, "{'kind':'setLock','pages':['kayaks'],'locked':true}")
                .answers(200);
        String before = mara.pages();
        mara.editsAs("name-of-one", revision + 1, "{'kind':'setLock','pages':['canoes'],'locked':true}")
                .refuses(409, "request-name-taken");
        server.signedIn("jo", "neap-tide")
                .editsAs("name-of-one", revision + 1, "{'kind':'setLock','pages':['kayaks'],'locked':true}")
                .refuses(409, "request-name-taken");
        mara.posts("/-/api/undo", "{'request':'name-of-one'}").refuses(409, "request-name-taken");
        assertEquals(mara.pages(), before);
        mara.posts("/-/api/releases", "{'request':'demo-release','basedOn':" + mara.revision() + ",'note':''}")
                .refuses(409, "request-name-taken");
        mara.steps("undo").answers(200);
    }

    /** It changed nothing, so sent again it changes nothing, whatever others have made of it meanwhile. */
    @Test
    public void requestThatChangedNothing_changesNothingWhenRepeated() {
        String open = "{'kind':'setReach','pages':['moorings'],'reach':'OPEN'}";
        long revision = mara.revision();
        mara.editsAs("nothing-to-do", revision, open).answers(200);
        assertEquals(mara.revision(), revision);
        mara.edits("{'kind':'setReach','pages':['moorings'],'reach':'HELD_BACK'}")
                .answers(200);
        mara.editsAs("nothing-to-do", mara.revision(), open).answers(200);
        assertEquals(mara.revision(), revision + 1);
        mara.steps("undo").answers(200);
    }

    @Test
    public void detailsAndOtherFields_areNeverOverwrittenUnseen() {
        Caller jo = server.signedIn("jo", "neap-tide");
        long seen = mara.revision();
        jo.editsAs("zone-of-jo", seen, "{'kind':'setTimeZone','timeZone':'Europe/Lisbon'}")
                .answers(200);
        var told = mara.editsAs("zone-of-mara", seen, "{'kind':'setTimeZone','timeZone':'Asia/Tokyo'}")
                .refuses(409, "changed-since")
                .json();
        assertEquals(told.path("theirs").asString() + told.path("yours").asString(), "Europe/LisbonAsia/Tokyo");
        jo.steps("undo").answers(200);
        long before = mara.revision();
        String item =
                "{'kind':'setItems','rows':[{'item':'footer-afloat','page':null}],'label':null,'appearance':{'%s':%s}}";
        jo.editsAs("weight-of-jo", before, item.formatted("weight", "'STRONG'")).answers(200);
        mara.editsAs("end-of-mara", before, item.formatted("farEnd", "true")).answers(200);
        mara.editsAs("weight-of-mara", before, item.formatted("weight", "'BUTTON'"))
                .refuses(409, "changed-since");
        mara.editsAs("topic-of-mara", before, topic("tide notes")).answers(200);
        jo.editsAs("topic-of-jo", before, topic("workshop")).answers(200);
        mara.steps("undo").answers(200);
        jo.steps("undo").answers(200);
    }

    private static String topic(String topic) {
        return "{'kind':'setTopics','pages':['contact'],'add':['" + topic + "'],'remove':[]}";
    }

    /** One step is what it was asked for: all of it or nothing, under one name. */
    @Test
    public void undoTogether_isOneStep_andRepeatedAnswersAlike() {
        Caller jo = server.signedIn("jo", "neap-tide");
        String before = mara.pages();
        mara.edits(add("jetty", "Jetty")).answers(200);
        jo.edits(
                        "{'kind':'addPages','pages':[{'id':'jetty-sub','place':{'parent':'jetty','after':null},'title':'Ladder',"
                                + "'reach':null}]}")
                .answers(200);
        mara.undoes("ALONE").refuses(409, "built-upon");
        String together = "{'request':'both-of-them','how':'TOGETHER'}";
        var undone = mara.posts("/-/api/undo", together).answers(200).json();
        assertEquals(undone.path("told").size(), 2);
        assertEquals(mara.pages(), before);
        var again = mara.posts("/-/api/undo", together).answers(200).json();
        assertEquals(again.path("told"), undone.path("told"));
        assertEquals(again.path("revision"), undone.path("revision"));
    }

    /** One request as large as can be: read no further than the limit, and nobody waits for it. */
    @Test
    public void millionsOfLines_areRefused_andReadersGoOn() {
        String lines = "a\\n".repeat(1_900_000);
        String paste =
                "{'request':'far-too-many','basedOn':" + mara.revision() + ",'text':'" + lines + "','place':null}";
        long revision = mara.revision();
        var preview = mara.posts("/-/api/imports/outline?dryRun=true", paste)
                .answers(200)
                .json();
        assertTrue(preview.path("refused").toString().contains("more than 20,000 pages"));
        mara.posts("/-/api/imports/outline?dryRun=false", paste).refuses(422, "too-many-pages");
        mara.posts(
                        "/-/api/imports/items?dryRun=false",
                        paste.replace("'place':null", "'place':{'parent':'footer','after':null,'anchor':null}"))
                .refuses(422, "lines-refused");
        mara.posts(
                        "/-/api/changes",
                        "{'request':'so-many-changes','basedOn':" + revision + ",'changes':["
                                + "{'kind':'setLock','pages':['hire'],'locked':true},".repeat(500)
                                + "{'kind':'setLock','pages':['hire'],'locked':true}]}")
                .refuses(422, "fields-invalid");
        mara.edits("{'kind':'setLock','pages':[" + "'hire',".repeat(20_000) + "'hire'],'locked':true}")
                .refuses(422, "too-many-rows");
        assertEquals(mara.revision(), revision);
    }
}
