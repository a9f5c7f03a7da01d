package velnik.server.editing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import velnik.server.Caller;
import velnik.server.Started;

/** Two people at once: each hears of the other's edits, and catches up with them. */
public class EventsTest {
    private Started server;
    private Caller mara;
    private Caller jo;

    @BeforeClass
    public void start() throws IOException {
        server = Started.demo();
        mara = server.mara();
        jo = server.signedIn("jo", "neap-tide");
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private static String retitle(String page, String title) {
        return "{'kind':'retitlePage','page':'" + page + "','title':'" + title + "'}";
    }

    @Test
    public void whoListens_hearsOfEditsUndoAndReleases() {
        long revision = mara.revision();
        try (Caller.Stream heard = mara.listens("/-/api/events")) {
            assertEquals(heard.next().replaceFirst(",\"turned.*", ""), happened(revision, 1));
            jo.edits(retitle("canoes", "Open canoes")).answers(200);
            assertEquals(heard.next().replaceFirst(",\"turned.*", ""), happened(revision + 1, 1));
            jo.steps("undo").answers(200);
            assertEquals(heard.next().replaceFirst(",\"turned.*", ""), happened(revision + 2, 1));
            jo.edits(retitle("kayaks", "Sea kayaks")).answers(200);
            assertEquals(heard.next().replaceFirst(",\"turned.*", ""), happened(revision + 3, 1));
            mara.publishes().answers(201);
            assertEquals(heard.next().replaceFirst(",\"turned.*", ""), happened(revision + 3, 2));
        }
    }

    private static String happened(long revision, int release) {
        return "{\"revision\":" + revision + ",\"release\":" + release;
    }

    @Test
    public void editsSinceARevision_areToldAndGiven() {
        long revision = mara.revision();
        assertEquals(
                mara.gets("/-/api/edits?since=" + revision)
                        .answers(200)
                        .json()
                        .path("told")
                        .size(),
                0);
        jo.edits("{'kind':'movePages','pages':['prices'],'place':{'parent':'repairs','after':null}}")
                .answers(200);
        var one = mara.gets("/-/api/edits?since=" + revision).answers(200).json();
        assertEquals(one.path("told").toString(), "[\"Jo Lindqvist: Prices moved under Repairs.\"]");
        assertEquals(
                one.path("difference").path("placed").path(0).path("parent").asString(), "repairs");
        assertEquals(
                jo.gets("/-/api/edits?since=" + revision)
                        .json()
                        .path("told")
                        .path(0)
                        .asString(),
                "In another window: Prices moved under Repairs.");
        jo.edits(retitle("prices", "What it costs")).answers(200);
        var two = mara.gets("/-/api/edits?since=" + revision).answers(200).json();
        assertEquals(
                two.path("told").toString(),
                "[\"2 edits came from elsewhere.\",\"Jo Lindqvist: Prices is now What it costs.\"]");
        assertEquals(two.path("revision").asLong(), revision + 2);
        assertEquals(two.path("difference").path("placed").path(0).path("title").asString(), "What it costs");
        mara.gets("/-/api/edits?since=" + (revision + 3)).refuses(409, "revision-unknown");
        mara.gets("/-/api/edits?since=often").refuses(400, "not-understood");
        server.caller().gets("/-/api/edits?since=1").refuses(401, "not-signed-in");
        server.caller().gets("/-/api/events").refuses(401, "not-signed-in");
    }

    /** An open stream would keep the server from stopping for as long as it waits for answers. */
    @Test
    public void serverThatStops_leavesWhoListens() throws IOException {
        try (Started own = Started.demo();
                Caller.Stream heard = own.mara().listens("/-/api/events")) {
            heard.next();
            Instant before = Instant.now();
            own.close();
            assertTrue(Duration.between(before, Instant.now()).toSeconds() < 5);
        }
    }

    /** An editor that is open when a day comes hears of it; what is computed is another then. */
    @Test
    public void whoListens_hearsWhenSomethingOpensByItself() throws IOException {
        try (Started own = Started.demo()) {
            Caller owner = own.mara();
            LocalDateTime soon =
                    LocalDateTime.now(ZoneId.of("Europe/London")).plusSeconds(8).truncatedTo(ChronoUnit.SECONDS);
            try (Caller.Stream heard = owner.listens("/-/api/events")) {
                heard.next();
                owner.edits("{'kind':'setPeriods','pages':['contact'],'periods':[{'yearly':false,'first':'"
                                + soon.toLocalDate() + "','last':null,'opensAt':'"
                                + soon.toLocalTime().format(DateTimeFormatter.ISO_LOCAL_TIME)
                                + "','closesAt':null}]}")
                        .answers(200);
                heard.next();
                assertFalse(isOpen(owner), "not yet");
                heard.next();
                assertTrue(isOpen(owner), "and then it is");
            }
        }
    }

    private static boolean isOpen(Caller caller) {
        return !caller.gets("/-/api/pages/contact/card")
                .answers(200)
                .json()
                .path("reach")
                .asString()
                .startsWith("Nobody");
    }
}
