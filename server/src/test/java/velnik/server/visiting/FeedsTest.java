package velnik.server.visiting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.net.http.HttpResponse;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import velnik.core.site.Zone;
import velnik.server.OnTheDemo;

/** Menus as websites elsewhere get them. */
public class FeedsTest extends OnTheDemo {
    private static final String SHOP = "https://shop.example";

    private static String header(HttpResponse<String> answer, String name) {
        return answer.headers().firstValue(name).orElse("");
    }

    private JsonNode feed(String address) {
        HttpResponse<String> answer = server.visit("/-/feeds/menus/" + address);
        assertEquals(answer.statusCode(), 200, answer.body());
        assertEquals(header(answer, "Content-Type"), "application/json");
        return JsonMapper.shared().readTree(answer.body());
    }

    @Test
    public void zone_isAsVisitorsGetIt_withWholeAddresses_andTheWayToThePage() {
        JsonNode feed = feed("header.json?page=/hire/canoes");
        assertEquals(feed.path("site").asString(), "Brackwater Boatyard");
        assertEquals(feed.path("page").asString(), "https://brackwater.example/hire/canoes");
        JsonNode hire = feed.path("menus").get(0).path("items").get(1);
        assertEquals(hire.path("label").asString(), "Hire");
        assertEquals(hire.path("address").asString(), "https://brackwater.example/hire");
        assertEquals(hire.path("current").asString(), "trail");
        assertEquals(hire.path("items").get(0).path("label").asString(), "Canoes");
        assertEquals(hire.path("items").get(0).path("current").asString(), "page");
        assertTrue(feed("header.json").path("page").isMissingNode());
        for (Zone zone : Zone.values()) {
            feed(zone.word() + ".json");
        }
        String footer = feed("footer.json").toString();
        assertTrue(footer.contains("\"label\":\"The yard\",\"items\":["), footer);
    }

    @DataProvider
    public Object[][] unknown() {
        return new Object[][] {
            {"attic.json", "zone-unknown"},
            {"HEADER.json", "zone-unknown"},
            {"header.json?page=/nowhere", "page-unknown"},
            {"header.json?page=/summer-regatta", "page-unknown"},
            {"header.json?page=/members-handbook", "page-unknown"},
            {"header.json?page=", "page-unknown"},
            {"header.json?page=%00", "page-unknown"},
        };
    }

    /** Nobody learns by it what there is that visitors do not get. */
    @Test(dataProvider = "unknown")
    public void whatVisitorsDoNotGet_isAsIfItWereNotThere(String address, String problem) {
        HttpResponse<String> answer = server.visit("/-/feeds/menus/" + address);
        assertEquals(answer.statusCode(), 404);
        assertTrue(answer.body().contains(problem), answer.body());
    }

    @Test
    public void websites_readIt_onceTheyAreAllowed_andThatIsPublished() {
        HttpResponse<String> stranger = server.visit("/-/feeds/menus/header.json", "Origin", SHOP);
        assertEquals(header(stranger, "Access-Control-Allow-Origin"), "");
        assertTrue(stranger.headers().allValues("Vary").contains("Origin"));
        mara.edits("{'kind':'allowOrigins','origins':[' HTTPS://Shop.Example/ ','','https://shop.example:443']}")
                .answers(200);
        assertEquals(
                header(server.visit("/-/feeds/menus/header.json", "Origin", SHOP), "Access-Control-Allow-Origin"), "");
        mara.publishes();
        HttpResponse<String> read = server.visit("/-/feeds/menus/header.json", "Origin", SHOP);
        assertEquals(header(read, "Access-Control-Allow-Origin"), SHOP);
        assertEquals(
                header(server.visit("/-/feeds/menus/header.json", "Origin", "null"), "Access-Control-Allow-Origin"),
                "");
        HttpResponse<String> again =
                server.visit("/-/feeds/menus/header.json", "If-None-Match", header(read, "ETag"), "Origin", SHOP);
        assertEquals(again.statusCode(), 304);
        assertEquals(header(again, "Access-Control-Allow-Origin"), SHOP);
        mara.edits("{'kind':'retitlePage','page':'repairs','title':'Mending'}").answers(200);
        mara.publishes();
        HttpResponse<String> newer = server.visit("/-/feeds/menus/header.json", "If-None-Match", header(read, "ETag"));
        assertEquals(newer.statusCode(), 200);
        assertTrue(newer.body().contains("Mending"), newer.body());
        assertFalse(newer.body().contains("\"Main\""), "names of menus are the owner's own matter");
    }

    @Test
    public void websitesThatAreNone_orTooMany_areRefused_andNothingChanges() {
        long revision = mara.revision();
        for (String wrong : new String[] {"shop", "ftp://shop.example", "https://shop.example/a", "*", "null"}) {
            mara.edits("{'kind':'allowOrigins','origins':['" + wrong + "']}").refuses(422, "origin-malformed");
        }
        String many = String.join(
                ",",
                IntStream.range(0, 21)
                        .mapToObj(n -> "'https://shop" + n + ".example'")
                        .toList());
        mara.edits("{'kind':'allowOrigins','origins':[" + many + "]}").refuses(422, "origins-too-many");
        assertEquals(mara.revision(), revision);
    }
}
