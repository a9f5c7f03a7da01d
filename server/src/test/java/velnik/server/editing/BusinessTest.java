package velnik.server.editing;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import velnik.server.Caller;
import velnik.server.Started;

/** What a site says of its business, over HTTP and on disk. */
public class BusinessTest {

    private static String set(String field) {
        String all = "'name':null,'address':null,'logo':null,'language':null,'phone':null,'mail':null,'postal':null,"
                + "'hours':null,'position':null,'channels':null";
        String name = field.substring(0, field.indexOf(':'));
        return "{'kind':'setDetails'," + all.replace(name + ":null", field) + "}";
    }

    private static JsonNode business(Caller mara) {
        return mara.workingCopy().path("settings").path("business");
    }

    /** The most that can be said is kept whole; one more is refused, and nothing of it is there. */
    @Test
    public void theMostThatCanBeSaid_isKept_andReadAfterARestart() throws IOException {
        String hours =
                "1 January 2027 – 31 December 2027 0:01–0:02, 0:03–0:04, 0:05–0:06, 0:07–0:08, 0:09–0:10, 0:11–0:12 "
                        + "\\\"".repeat(100);
        String channels = IntStream.range(0, 20)
                .mapToObj(at -> "{'name':'" + "\\\"".repeat(200) + "','address':'https://films.example/"
                        + "x".repeat(1_900) + at + "','icon':'film'}")
                .collect(Collectors.joining(","));
        try (Started server = Started.demo()) {
            Caller mara = server.mara();
            mara.edits(set("'hours':'" + hours + "'")).answers(200);
            mara.edits(set("'channels':[" + channels + "]")).answers(200);
            mara.edits(set("'position':'51.7 N 0.6 W'")).answers(200);
            mara.publishes().answers(201);
            JsonNode said = business(mara);
            assertEquals(said.path("channels").size(), 20);
            assertEquals(said.path("hoursRead").size(), 1);
            assertEquals(said.path("position").asString(), "51.7, -0.6");
            mara.edits(set("'hours':'" + "2027-01-01 closed\\n".repeat(3_000) + "'"))
                    .refuses(422, "hours-too-many");
            mara.edits(set("'channels':[" + channels + ",{'name':'x','address':'https://x.example','icon':'film'}]"))
                    .refuses(422, "channels-too-many");
            mara.edits(set("'channels':[{'name':null,'address':'https://x.example','icon':'film'}]"))
                    .refuses(400, "not-understood");
            assertEquals(business(mara), said);
            try (Started again = server.again()) {
                assertEquals(business(again.mara()), said);
                assertEquals(again.visit("/").statusCode(), 200);
            }
        }
    }
}
