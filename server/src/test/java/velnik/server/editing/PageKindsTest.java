package velnik.server.editing;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.Test;
import velnik.server.OnTheDemo;

/** Copies, the home page, groups, and what is let go for good. */
public class PageKindsTest extends OnTheDemo {
    @Test
    public void titles_countOn_andCopiesAreMadeOfThem_asOneEdit() {
        assertEquals(
                mara.gets("/-/api/series?title=Week%20of%205%20October&count=2")
                        .answers(200)
                        .json()
                        .path("titles")
                        .toString(),
                "[\"Week of 12 October\",\"Week of 19 October\"]");
        assertEquals(
                mara.gets("/-/api/series?title=No.%209&count=1000000")
                        .answers(200)
                        .json()
                        .path("titles")
                        .size(),
                100);
        mara.gets("/-/api/series?title=No.%209&count=many").refuses(400, "not-understood");
        String before = mara.pages();
        mara.edits("{'kind':'copyPages','page':'canoes','titles':['Canoes 2','Canoes 3'],'subpages':true,"
                        + "'content':true,'items':false,'ids':'c'}")
                .answers(200);
        assertEquals(server.visit("/hire/canoes-2").statusCode(), 404);
        mara.undoes("ALONE").answers(200);
        assertEquals(mara.pages(), before);
        mara.edits(
                        "{'kind':'copyPages','page':'canoes','titles':[''],'subpages':true,'content':true,'items':false,'ids':'d'}")
                .refuses(422, "title-empty");
        mara.edits("{'kind':'copyPages','page':'repairs','titles':[" + "'x',".repeat(1_600) + "'x'],'subpages':true,"
                        + "'content':true,'items':false,'ids':'d'}")
                .refuses(422, "too-many-pages");
        assertEquals(mara.pages(), before);
    }

    @Test
    public void homePage_becomesAnother_forVisitorsOncePublished() {
        mara.edits("{'kind':'setHome','page':'hire'}").answers(200);
        mara.publishes().answers(201);
        assertEquals(server.visit("/hire").headers().firstValue("Location").orElse(""), "/");
        assertEquals(server.visit("/hire/canoes").statusCode(), 200);
        assertEquals(server.visit("/home").statusCode(), 200);
        mara.edits("{'kind':'setGroup','pages':['hire'],'group':true}").refuses(422, "home-no-group");
        mara.edits("{'kind':'setHome','page':'home'}").answers(200);
        mara.edits("{'kind':'setGroup','pages':['hire'],'group':true}").answers(200);
        mara.publishes().answers(201);
        assertEquals(server.visit("/hire").headers().firstValue("Location").orElse(""), "/hire/canoes");
        mara.undoes("ALONE").answers(200);
        mara.publishes().answers(201);
        assertEquals(server.visit("/hire").statusCode(), 200);
    }

    @Test
    public void binIsEmptied_forGood_andOnlyOfWhatIsNamed() {
        mara.edits("{'kind':'removePages','removal':'gone-a','pages':['news'],'subpages':'GO_TOO'}")
                .answers(200);
        mara.edits("{'kind':'removePages','removal':'gone-b','pages':['courses'],'subpages':'GO_TOO'}")
                .answers(200);
        server.signedIn("visitor-desk", "low-water")
                .posts("/-/api/bin/emptyings", "{'request':'reader-empties','removals':['gone-a']}")
                .refuses(403, "not-allowed");
        mara.posts("/-/api/bin/emptyings", "{'request':'empties-none','removals':[]}")
                .refuses(422, "fields-invalid");
        String left = mara.posts("/-/api/bin/emptyings", "{'request':'empties-one','removals':['gone-a','never-was']}")
                .answers(200)
                .json()
                .path("removals")
                .toString();
        assertEquals(left.contains("gone-a"), false);
        assertEquals(left.contains("gone-b"), true);
        mara.edits("{'kind':'restore','removal':'gone-a'}").refuses(422, "not-in-bin");
        mara.undoes("ALONE").answers(200);
        assertEquals(mara.pages().contains("courses"), true, "undo goes on with the edits before");
        assertEquals(mara.pages().contains("\"news\""), false);
    }
}
