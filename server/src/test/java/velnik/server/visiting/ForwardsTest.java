package velnik.server.visiting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.http.HttpResponse;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import velnik.server.Caller;
import velnik.server.Started;

/** What visitors get at addresses that were public once, and at those the owner forwards. */
public class ForwardsTest {
    private Started server;
    private Caller mara;

    @BeforeMethod
    public void start() throws IOException {
        server = Started.demo();
        mara = server.mara();
    }

    @AfterMethod(alwaysRun = true)
    public void stop() {
        server.close();
    }

    private void answers(String path, int status, String elsewhere) {
        HttpResponse<String> response = server.visit(path);
        assertEquals(response.statusCode(), status, path);
        assertEquals(response.headers().firstValue("Location").orElse(""), elsewhere, path);
    }

    @Test
    public void sectionThatMoved_isFoundByEveryOldAddress_inOneStep_alsoAfterAStart() throws IOException {
        mara.edits("{'kind':'setSlug','page':'hire','slug':'boats'}").answers(200);
        answers("/hire/canoes", 200, "");
        mara.publishes();
        mara.edits("{'kind':'movePages','pages':['canoes'],'place':{'parent':'about-us','after':null}}")
                .answers(200);
        mara.publishes();
        answers("/hire/kayaks", 301, "/boats/kayaks");
        answers("/Hire/Canoes/?from=a-letter", 301, "/about-us/canoes?from=a-letter");
        answers("/boats/canoes", 301, "/about-us/canoes");
        assertEquals(server.visit("/hire").headers().firstValue("Cache-Control").orElse(""), "no-cache, private");
        server = server.again();
        answers("/hire/canoes", 301, "/about-us/canoes");
        answers("/boats/canoes", 301, "/about-us/canoes");
    }

    @Test
    public void oldAddress_answersAsThePageWould() {
        mara.edits(
                        "{'kind':'setSlug','page':'moorings','slug':'berths'}",
                        "{'kind':'setSlug','page':'kayaks','slug':'sea-kayaks'}",
                        "{'kind':'setSlug','page':'engines','slug':'motors'}",
                        "{'kind':'setSlug','page':'built-in-page-index','slug':'all-pages'}")
                .answers(200);
        mara.publishes();
        answers("/moorings", 302, "/berths/swinging-moorings");
        answers("/page-index/tide-notes", 301, "/all-pages/tide-notes");
        answers("/page-index/boats", 404, "");
        mara.edits(
                        "{'kind':'setReach','pages':['kayaks'],'reach':'HELD_BACK'}",
                        "{'kind':'setMembersOnly','pages':['engines'],'membersOnly':true}")
                .answers(200);
        mara.publishes();
        answers("/hire/kayaks", 404, "");
        answers("/repairs/engines", 303, "/sign-in?to=%2Frepairs%2Fmotors");
        assertFalse(server.visit("/hire/kayaks").body().contains("sea-kayaks"), "the address is nobody's to know");
    }

    @Test
    public void removedPage_leadsToItsParent_toAnother_orIsGone_andComesBack() {
        mara.edits("{'kind':'removePages','removal':'one-gone','pages':['canoes'],'subpages':'GO_TOO'}")
                .answers(200);
        mara.edits("{'kind':'removePages','removal':'two-gone','pages':['kayaks'],'subpages':'GO_TOO',"
                        + "'leads':{'kind':'PAGE','page':'contact'}}")
                .answers(200);
        mara.edits("{'kind':'removePages','removal':'three-gone','pages':['prices'],'subpages':'GO_TOO',"
                        + "'leads':{'kind':'NOWHERE','page':null}}")
                .answers(200);
        answers("/hire/canoes", 200, "");
        mara.publishes();
        answers("/hire/canoes", 301, "/hire");
        answers("/hire/kayaks", 301, "/contact");
        answers("/hire/prices", 410, "");
        assertTrue(server.visit("/hire/prices").body().contains("gone for good"));
        mara.edits("{'kind':'restore','removal':'three-gone'}").answers(200);
        mara.publishes();
        answers("/hire/prices", 200, "");
        mara.edits("{'kind':'removePages','removal':'four-gone','pages':['contact'],'subpages':'GO_TOO',"
                        + "'leads':{'kind':'PAGE','page':'contact'}}")
                .refuses(422, "leads-to-removed");
    }

    @Test
    public void forwardByHand_works_isListed_andIsTakenBack() {
        String forward = "{'kind':'setForward','from':{'kind':'%s','address':'%s','page':null},'to':%s}";
        mara.edits(
                        forward.formatted("AT", "/angebote.html", "{'kind':'PAGE','page':'canoes','address':null}"),
                        forward.formatted(
                                "BENEATH",
                                "/shop",
                                "{'kind':'OUTSIDE','page':null,'address':'tides.example/shop?a=1'}"),
                        forward.formatted("AT", "/jobs", "{'kind':'GONE','page':null,'address':null}"))
                .answers(200);
        answers("/angebote.html", 404, "");
        mara.publishes();
        answers("/Angebote.html", 301, "/hire/canoes");
        answers("/shop/oars?b=2", 301, "https://tides.example/shop?a=1");
        answers("/jobs", 410, "");
        mara.edits(forward.formatted("AT", "/jobs", "null")).answers(200);
        JsonNode listed =
                mara.gets("/-/api/addresses?which=BY_HAND").answers(200).json();
        assertEquals(listed.path("found").asInt(), 2);
        assertEquals(
                mara.gets("/-/api/addresses?which=CHANGING")
                        .answers(200)
                        .json()
                        .path("rows")
                        .toString(),
                "[{\"address\":\"/jobs\",\"beneath\":false,\"now\":{\"kind\":\"GONE\",\"page\":null,\"words\":\"\"},"
                        + "\"next\":{\"kind\":\"NOTHING\",\"page\":null,\"words\":\"\"},\"wasPublic\":false,"
                        + "\"byHand\":null,\"leads\":null}]");
        mara.edits(forward.formatted("AT", "/hire", "{'kind':'GONE','page':null,'address':null}"))
                .refuses(422, "address-held");
        mara.gets("/-/api/addresses?which=SOME").refuses(400, "not-understood");
        assertEquals(
                mara.gets("/-/api/addresses?words=CANOE")
                        .answers(200)
                        .json()
                        .path("found")
                        .asInt(),
                2);
        assertEquals(
                mara.gets("/-/api/addresses?from=100000")
                        .answers(200)
                        .json()
                        .path("rows")
                        .size(),
                0);
    }

    @Test
    public void dryRun_namesTheAddressesThatChange_andSoDoesWhatWaits() {
        JsonNode tried = mara.tries("{'kind':'setSlug','page':'courses','slug':'lessons'}")
                .answers(200)
                .json();
        assertEquals(tried.path("addresses").size(), 4);
        assertEquals(
                tried.path("addresses").path(0).toString(),
                "{\"page\":\"courses\",\"from\":\"/courses\",\"to\":\"/lessons\"}");
        mara.edits("{'kind':'setSlug','page':'courses','slug':'lessons'}").answers(200);
        JsonNode waiting = mara.gets("/-/api/waiting").answers(200).json();
        assertEquals(waiting.path("entries").size(), 1);
        assertEquals(waiting.path("addressesChanging").asInt(), 4);
        assertEquals(
                waiting.path("addresses").path(1).toString(),
                "{\"page\":\"first-paddle\",\"from\":\"/courses/first-paddle\",\"to\":\"/lessons/first-paddle\"}");
    }
}
