package velnik.server.editing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import velnik.server.Caller;
import velnik.server.Started;

/** Beginning a site with a starting structure. */
public class StructuresTest {

    @Test
    public void siteBegins_inOneEdit_onceOnly_andOnlyWithoutPages() throws IOException {
        try (Started server = Started.empty()) {
            Caller mara = server.caller();
            mara.posts(
                            "/-/api/owner",
                            "{'name':'mara','displayName':'Mara','password':'three blue oars','siteName':'Creek'}")
                    .answers(201);
            JsonNode all = mara.gets("/-/api/structures").answers(200).json();
            assertEquals(all.size(), 6);
            assertEquals(all.get(0).path("pages").get(0).path("title").asString(), "Home");
            mara.posts("/-/api/structures/palace", "{'request':'begin-palace','basedOn':0}")
                    .refuses(404, "not-there");
            long revision = mara.revision();
            String begin = "{'request':'begin-workshop','basedOn':" + revision + "}";
            JsonNode begun =
                    mara.posts("/-/api/structures/workshop", begin).answers(200).json();
            JsonNode again =
                    mara.posts("/-/api/structures/workshop", begin).answers(200).json();
            assertEquals(again.path("revision"), begun.path("revision"));
            mara.posts("/-/api/structures/cafe", "{'request':'begin-cafe','basedOn':" + mara.revision() + "}")
                    .refuses(422, "site-has-pages");
            assertEquals(mara.revision(), begun.path("revision").asLong(), "what is refused changes nothing");
            mara.gets("/-/api/exports/static").refuses(409, "nothing-published");
            mara.gets("/-/api/exports/sitemap").refuses(409, "nothing-published");
            mara.publishes();
            mara.gets("/-/api/exports/sitemap").refuses(409, "no-web-address");
            assertTrue(server.visit("/contact").body().contains("<form class=\"enquiry\""));
            assertTrue(server.visit("/").body().contains("Small print"));
            mara.steps("undo").answers(200);
            mara.posts("/-/api/structures/cafe", "{'request':'begin-cafe-2','basedOn':" + mara.revision() + "}")
                    .answers(200);
        }
    }
}
