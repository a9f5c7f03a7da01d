package velnik.server.releasing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import velnik.server.Caller;
import velnik.server.Started;

/** A publishing taken back. */
public class BringingBackTest {
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

    @Test
    public void release_comesBack_asOneEdit_andItsAddressesLeadOn() {
        String first = mara.pages();
        mara.edits(
                        "{'kind':'removePages','removal':'gone-one','pages':['courses'],'subpages':'GO_TOO'}",
                        "{'kind':'setSlug','page':'hire','slug':'boats'}",
                        "{'kind':'retitlePage','page':'contact','title':'Write to us'}")
                .answers(200);
        mara.publishes().answers(201);
        String second = mara.pages();
        assertEquals(server.visit("/courses/first-paddle").statusCode(), 410);
        String changed = mara.gets("/-/api/releases/1/difference?to=2")
                .answers(200)
                .json()
                .toString();
        assertTrue(changed.contains("Hire gets the address /boats."), changed);
        String bring = "{'request':'bring-back-1','basedOn':" + mara.revision() + "}";
        assertEquals(
                mara.posts("/-/api/releases/1/bring-back", bring)
                        .answers(200)
                        .json()
                        .path("told")
                        .path(0)
                        .asString(),
                "The site is as it was in release 1. Visitors see it once you publish.");
        assertEquals(mara.pages(), first);
        long revision = mara.revision();
        mara.posts("/-/api/releases/1/bring-back", bring).answers(200);
        assertEquals(mara.revision(), revision, "a repeat is made once");
        assertEquals(
                mara.gets("/-/api/bin").answers(200).json().toString().contains("gone-one"),
                false,
                "what is there again is not in the bin");
        mara.publishes().answers(201);
        assertEquals(server.visit("/courses/first-paddle").statusCode(), 200);
        assertEquals(
                server.visit("/boats/canoes").headers().firstValue("Location").orElse(""), "/hire/canoes");
        mara.undoes("ALONE").answers(200);
        assertEquals(mara.pages(), second);
    }

    @Test
    public void whatCannotComeBack_isSaid_andNothingChanged() {
        mara.editsAs("used-otherwise", mara.revision(), "{'kind':'setLock','pages':['kayaks'],'locked':true}")
                .answers(200);
        long revision = mara.revision();
        assertEquals(
                mara.posts("/-/api/releases/1/bring-back", "{'request':'used-otherwise','basedOn':" + revision + "}")
                        .response()
                        .statusCode(),
                409);
        mara.posts("/-/api/releases/99/bring-back", "{'request':'bring-back-99','basedOn':" + revision + "}")
                .refuses(404, "release-unknown");
        mara.posts("/-/api/releases/1/bring-back", "{'request':'bring-back-2','basedOn':0}")
                .refuses(409, "changed-since");
        mara.gets("/-/api/releases/1/difference?to=99").refuses(404, "release-unknown");
        server.signedIn("visitor-desk", "low-water")
                .posts("/-/api/releases/1/bring-back", "{'request':'bring-back-3','basedOn':" + revision + "}")
                .refuses(403, "not-allowed");
        assertEquals(mara.revision(), revision);
    }
}
