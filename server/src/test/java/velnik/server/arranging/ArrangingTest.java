package velnik.server.arranging;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.util.stream.StreamSupport;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import velnik.server.Caller;
import velnik.server.OnTheDemo;
import velnik.server.Started;

/** Menus and zones over HTTP, on the real database. */
public class ArrangingTest extends OnTheDemo {
    private static final String ITEM = "{'kind':'addItems','items':[{'id':'%s','place':{'parent':'%s','after':null,"
            + "'anchor':null},'kind':{'kind':'%s','page':%s,'carries':null,'address':%s,'menu':%s,'list':null},"
            + "'label':'%s'}]}";
    private static final String ASSIGN =
            "{'kind':'assignMenus','zone':'%s','scope':{'kind':'%s','page':%s,'layout':null,'pages':null},'says':%s}";

    private static String page(String id, String menu, String page) {
        return ITEM.formatted(id, menu, "PAGE", "'" + page + "'", "null", "null", "");
    }

    private static String link(String id, String menu, String address, String label) {
        return ITEM.formatted(id, menu, "WEB_LINK", "null", "'" + address + "'", "null", label);
    }

    private JsonNode row(String menu, String key) {
        JsonNode menus = mara.gets("/-/api/menus").answers(200).json().path("menus");
        return StreamSupport.stream(menus.spliterator(), false)
                .filter(each -> each.path("id").asString().equals(menu))
                .flatMap(each -> StreamSupport.stream(each.path("rows").spliterator(), false))
                .filter(each -> each.path("key").asString().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no row " + key + " in " + menu));
    }

    @Test
    public void menus_comeWithEveryRowAsItComesOut_andWhyOneDoesNotShow() {
        JsonNode prices = row("main", "main-list prices");
        assertEquals(prices.path("label").asString(), "What it costs");
        assertEquals(prices.path("followed").asString(), "Prices");
        assertEquals(prices.path("leads").asString(), "/hire/prices");
        assertTrue(prices.path("absence").isNull());
        mara.edits(page("held", "short", "junior-week")).answers(200);
        assertEquals(row("short", "held").path("absence").asString(), "Its page is held back.");
        mara.steps("undo").answers(200);
    }

    @Test
    public void errand_menuIsBuiltAssignedPublished_andSurvivesARestart() throws IOException {
        try (Started own = Started.demo()) {
            Caller owner = own.mara();
            owner.edits("{'kind':'addMenu','menu':'spring','after':null,'name':'Spring'}")
                    .answers(200);
            owner.edits(link("spring-tides", "spring", "tides.example", "Tides"))
                    .answers(200);
            owner.edits(ASSIGN.formatted(
                            "SIDEBAR",
                            "SECTION",
                            "'hire'",
                            "{'kind':'INSTEAD','menus':[{'menu':'spring','form':'FOLDING','size':null,'alignment':null,'width':null,"
                                    + "'gap':null,'overflow':null,'fromLevel':1,'levels':null,'currentBranchOnly':false}],"
                                    + "'before':null,'after':null}"))
                    .answers(200);
            assertFalse(own.visit("/hire").body().contains("https://tides.example\""));
            owner.publishes().answers(201);
            assertTrue(own.visit("/hire/canoes").body().contains("href=\"https://tides.example\""));
            assertFalse(own.visit("/contact").body().contains("href=\"https://tides.example\""));
            String menus = owner.gets("/-/api/menus").response().body();
            String zones = owner.gets("/-/api/zones?page=canoes").response().body();
            try (Started again = own.again()) {
                Caller later = again.mara();
                assertEquals(later.gets("/-/api/menus").response().body(), menus);
                assertEquals(later.gets("/-/api/zones?page=canoes").response().body(), zones);
                later.steps("undo").answers(200);
                assertFalse(
                        later.gets("/-/api/zones?page=canoes").response().body().contains("spring"));
            }
        }
    }

    /** A page that waits for its first release is the newest; once it is out it is as new as the others of that day. */
    @Test
    public void newestPages_goByTheirFirstRelease_alsoAfterARestart() throws IOException {
        try (Started own = Started.demo()) {
            Caller owner = own.mara();
            String list =
                    "{'kind':'LIST','page':null,'carries':null,'address':null,'menu':null,'list':{'source':'NEWEST',"
                            + "'page':null,'topic':null,'levels':1,'order':'NEWEST','atMost':1,'leftOut':[]}}";
            owner.edits("{'kind':'addItems','items':[{'id':'newest','place':{'parent':'short','after':null,"
                            + "'anchor':null},'kind':" + list + ",'label':'New here'}]}")
                    .answers(200);
            owner.edits("{'kind':'addPages','pages':[{'id':'skiffs','place':{'parent':'contact','after':null},"
                            + "'title':'Two new skiffs','reach':null}]}")
                    .answers(200);
            assertTrue(lists(owner, "newest skiffs"));
            owner.publishes().answers(201);
            assertTrue(lists(owner, "newest skiffs"), "of one day the later release is the newer");
            try (Started again = own.again()) {
                assertTrue(lists(again.mara(), "newest skiffs"));
            }
        }
    }

    @Test
    public void pages_arePlacedAndTakenOut_andToldBeforehand() {
        String before =
                mara.gets("/-/api/menus").answers(200).json().path("menus").toString();
        String place =
                "{'kind':'placePages','pages':[{'menu':'footer','item':'canoes-too','page':'canoes','label':''}]}";
        JsonNode told = mara.tries(place).answers(200).json();
        assertEquals(told.path("told").path(0).asString(), "Canoes is in Footer now, under Afloat, after Hire.");
        mara.edits(place).answers(200);
        assertEquals(row("footer", "canoes-too").path("leads").asString(), "/hire/canoes");
        String takeOut = "{'kind':'takePagesOut','removal':'sheet-took','pages':[{'menu':'%s','page':'canoes'}]}";
        mara.edits(takeOut.formatted("footer")).answers(200);
        mara.edits(takeOut.formatted("footer")).refuses(422, "not-in-menu");
        mara.steps("undo").answers(200);
        mara.steps("undo").answers(200);
        assertEquals(mara.gets("/-/api/menus").answers(200).json().path("menus").toString(), before);
    }

    private static boolean lists(Caller caller, String key) {
        return caller.gets("/-/api/menus").answers(200).response().body().contains("\"" + key + "\"");
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {link("x", "short", "javascript:alert(1)", "Win"), 422, "link-refused"},
            {link("x", "short", "https://tides.example:99999/", ""), 422, "link-refused"},
            {page("x", "nowhere", "hire"), 404, "item-unknown"},
            {page("x", "short", "nowhere"), 404, "page-unknown"},
            {ITEM.formatted("x", "short", "HEADING", "null", "null", "null", "  "), 422, "label-empty"},
            {ITEM.formatted("x", "short", "OTHER_MENU", "null", "null", "'short'", ""), 422, "menu-in-itself"},
            {ITEM.formatted("x", "short", "LISTED", "'hire'", "null", "null", ""), 400, "not-understood"},
            {ITEM.formatted("x", "short", "PAGE", "null", "null", "null", ""), 400, "not-understood"},
            {ITEM.formatted("x", "short", "SPELL", "null", "null", "null", ""), 400, "not-understood"},
            {"{'kind':'renameMenu','menu':'short','name':'Main'}", 422, "name-taken"},
            {
                ASSIGN.formatted(
                        "FOOTER", "SECTION", "'nowhere'", "{'kind':'INSTEAD','menus':[],'before':null,'after':null}"),
                404,
                "page-unknown"
            },
            {"{'kind':'freezeList','list':'short-home','ids':'x'}", 422, "no-such-row"},
            {
                "{'kind':'moveItems','items':['footer-the-yard'],'place':{'parent':'footer-the-yard-find-us','after':null,"
                        + "'anchor':null}}",
                422,
                "under-itself"
            },
        };
    }

    @Test(dataProvider = "refused")
    public void changeThatCannotBe_isRefused_andNothingChanges(String change, int status, String type) {
        String menus = mara.gets("/-/api/menus").response().body();
        String zones = mara.gets("/-/api/zones").response().body();
        mara.edits(change).refuses(status, type);
        assertEquals(mara.gets("/-/api/menus").response().body(), menus);
        assertEquals(mara.gets("/-/api/zones").response().body(), zones);
    }

    @Test
    public void differentFieldsOfOneItem_doNotCollide_butTheSameDoes() {
        long seen = mara.revision();
        Caller jo = server.signedIn("jo", "neap-tide");
        String set =
                "{'kind':'setItems','rows':[{'item':'tides-tide-tables','page':null}],'label':%s,'appearance':{%s}}";
        jo.editsAs("jo-labels-it", seen, set.formatted("'High water'", "")).answers(200);
        mara.editsAs("mara-hides-it", seen, set.formatted("null", "'hidden':true"))
                .answers(200);
        var refused = mara.editsAs("mara-labels-it", seen, set.formatted("'Low water'", ""))
                .refuses(409, "changed-since");
        assertEquals(refused.json().path("theirs").asString(), "High water");
        assertEquals(refused.json().path("yours").asString(), "Low water");
        JsonNode row = row("tides", "tides-tide-tables");
        assertEquals(row.path("label").asString(), "High water");
        assertTrue(row.path("hidden").asBoolean());
    }

    @Test
    public void typedLine_isOffered_pagesRankedAndMarked() {
        JsonNode offers =
                mara.gets("/-/api/menus/main/offers?text=cafe").answers(200).json();
        assertEquals(offers.path(0).path("offer").asString(), "PAGE");
        assertEquals(offers.path(0).path("words").asString(), "Slipway Café");
        assertTrue(offers.path(0).path("placed").asBoolean());
        assertEquals(offers.path(1).path("offer").asString(), "LISTING");
        JsonNode labelled = mara.gets("/-/api/menus/main/offers?text=Boats+%3D+Hire")
                .answers(200)
                .json();
        assertEquals(labelled.path(0).path("label").asString(), "Boats");
        assertEquals(labelled.path(0).path("detail").asString(), "Hire, /hire");
        JsonNode refused = mara.gets("/-/api/menus/main/offers?text=data:text/html,x")
                .answers(200)
                .json();
        assertEquals(refused.path(0).path("offer").asString(), "REFUSED");
        mara.gets("/-/api/menus/nowhere/offers?text=x").refuses(404, "not-there");
    }

    @Test
    public void pastedList_isSummedUpFirst_thenAddedInOneEdit() {
        String paste = "{'request':'a-pasted-list','basedOn':" + mara.revision()
                + ",'text':'%s','place':{'parent':'winter','after':null,'anchor':null}}";
        String list =
                "Afloat\\n  Kayaks\\n  [Tides](https://tides.example)\\n  mailto:yard@brackwater.example\\nAsk Jo";
        JsonNode preview = mara.posts("/-/api/imports/items?dryRun=true", paste.formatted(list))
                .answers(200)
                .json();
        assertEquals(
                preview.path("summary").asString(), "5 items: 1 heading, 1 page, 1 link, 1 mail address and 1 text.");
        mara.posts("/-/api/imports/items?dryRun=false", paste.formatted(list)).answers(200);
        assertEquals(row("winter", "a-pasted-list-1").path("leads").asString(), "/hire/kayaks");
        mara.steps("undo").answers(200);
        String before = mara.gets("/-/api/menus").response().body();
        mara.posts(
                        "/-/api/imports/items?dryRun=false",
                        paste.formatted("Kayaks\\njavascript:x").replace("a-pasted", "bad-one"))
                .refuses(422, "lines-refused");
        assertEquals(mara.gets("/-/api/menus").response().body(), before);
    }

    @Test
    public void zones_sayWhichMenusStand_andWhy() {
        JsonNode zones = mara.gets("/-/api/zones?page=find-us").answers(200).json();
        JsonNode footer = StreamSupport.stream(zones.path("page").spliterator(), false)
                .filter(zone -> zone.path("zone").asString().equals("FOOTER"))
                .findFirst()
                .orElseThrow();
        assertEquals(footer.path("menus").path(2).path("name").asString(), "Tides");
        assertEquals(footer.path("why").path(0).asString(), "Every page shows Footer and Elsewhere.");
        assertEquals(footer.path("why").path(1).asString(), "Find us shows Tides after its usual menus.");
        assertEquals(
                mara.gets("/-/api/zones?page=gone-meanwhile")
                        .answers(200)
                        .json()
                        .path("page")
                        .size(),
                0);
    }

    @Test
    public void zones_sayWhichFormsAreRows_inTheLookOfTheSite() {
        assertEquals(headerRows(), "[\"ACROSS\",\"FLYING_OUT\"]");
        mara.edits("{'kind':'setLook','look':'TOWPATH'}").answers(200);
        assertEquals(headerRows(), "[]");
    }

    private String headerRows() {
        JsonNode header =
                mara.gets("/-/api/zones").answers(200).json().path("usual").path(0);
        assertEquals(header.path("zone").asString(), "HEADER");
        return header.path("rows").toString();
    }

    @Test
    public void placings_sayWhichMenusLeadToAPage_andHowFarItIs() {
        JsonNode placings = mara.gets("/-/api/placings").answers(200).json();
        assertEquals(placings.path("home").path("clicks").asInt(), 0);
        assertEquals(placings.path("canoes").path("menus").toString(), "[\"Main\"]");
        assertEquals(placings.path("canoes").path("zones").toString(), "[\"HEADER\"]");
        assertEquals(placings.path("wooden-hulls").path("clicks").asInt(), 2);
        assertTrue(placings.path("insurance-work").path("clicks").isNull(), "nothing leads there");
        JsonNode where =
                mara.gets("/-/api/pages/find-us/card").answers(200).json().path("where");
        assertEquals(where.size(), 2);
        assertEquals(where.path(1).path("path").toString(), "[\"The yard\"]");
    }

    @Test
    public void placeable_namesTheMenusThatMissAPage() {
        JsonNode placeable =
                mara.gets("/-/api/placeable?pages=contact,canoes").answers(200).json();
        JsonNode brief = StreamSupport.stream(placeable.spliterator(), false)
                .filter(menu -> menu.path("menu").asString().equals("short"))
                .findFirst()
                .orElseThrow();
        assertEquals(brief.path("missing").toString(), "[\"canoes\"]");
        assertFalse(placeable.toString().contains("winter"), "a menu set aside is not offered");
        assertEquals(
                mara.gets("/-/api/placeable?pages=gone-meanwhile")
                        .answers(200)
                        .json()
                        .toString(),
                "[]");
        mara.gets("/-/api/placeable?pages=no%20name").refuses(404, "not-there");
    }

    @Test
    public void aPageThatTextsLinkTo_saysSoBeforeItGoes() {
        JsonNode card = mara.gets("/-/api/pages/prices/card").answers(200).json();
        String links = "The text of Kayaks links there; visitors read the words without the link.";
        assertTrue(card.path("removal").path("told").toString().contains(links), card.toString());
        assertTrue(
                card.path("reaches").path("HELD_BACK").path("told").toString().contains(links), card.toString());
        assertFalse(card.path("reaches").path("BY_LINK_ONLY").toString().contains(links), card.toString());
    }

    @Test
    public void pageCard_saysBeforehandWhatWouldFollow_andNothingOfAPageThatIsGone() {
        JsonNode card = mara.gets("/-/api/pages/courses/card").answers(200).json();
        assertTrue(card.path("reach").asString().startsWith("It has no content of its own"));
        assertEquals(card.path("reaches").size(), 2);
        assertEquals(
                card.path("reaches").path("HELD_BACK").path("told").toString(),
                "[\"Courses is held back.\",\"Its 3 subpages cannot be seen then either: First paddle, Reading the tide"
                        + " and Knots in an evening.\"]");
        assertEquals(
                card.path("members").path("told").toString(),
                "[\"Courses is for members only.\",\"3 subpages are for members only with it.\"]");
        assertEquals(
                card.path("closed").path("told").path(1).asString(),
                "Its 3 subpages cannot be seen then either: First paddle, Reading the tide and Knots in an evening.");
        assertEquals(card.path("removal").path("told").path(1).asString(), "4 subpages go with it.");
        assertEquals(
                card.path("removalAlone").path("told").path(1).asString(),
                "4 addresses change when you publish; the 3 old ones that visitors know will forward.");
        assertTrue(mara.gets("/-/api/pages/contact/card")
                .answers(200)
                .json()
                .path("removalAlone")
                .isNull());
        JsonNode locked = mara.gets("/-/api/pages/privacy/card").answers(200).json();
        assertEquals(
                locked.path("removal").path("refused").asString(),
                "Privacy is locked, so it stays. Unlock it before you remove it.");
        mara.gets("/-/api/pages/gone-meanwhile/card").answers(204);
        mara.gets("/-/api/pages/no%20name/card").refuses(404, "not-there");
    }

    /** At widths that no screen has it is that of the nearest; of a page that is gone meanwhile nothing is said. */
    @Test
    public void fit_isToldOfEveryMenuOfAPage() {
        JsonNode header =
                mara.gets("/-/api/fit?page=hire&width=1024").answers(200).json().path(0);
        assertEquals(header.path("zone").asString(), "HEADER");
        assertEquals(header.path("holds").asString(), "In one line from 1,254 px on.");
        assertEquals(header.path("shown").path("state").asString(), "WRAPS");
        assertEquals(header.path("shown").path("lines").size(), 2);
        assertFalse(header.path("adjustments").isEmpty());
        JsonNode widest = mara.gets("/-/api/fit?page=hire&width=99999")
                .answers(200)
                .json()
                .path(0);
        assertEquals(widest.path("shown").path("width").asInt(), 2560);
        assertTrue(widest.path("adjustments").isEmpty());
        JsonNode sidebar = mara.gets("/-/api/fit?page=repairs&width=1024")
                .answers(200)
                .json()
                .path(1);
        assertEquals(sidebar.path("zone").asString(), "SIDEBAR");
        assertFalse(sidebar.path("across").asBoolean());
        assertEquals(sidebar.path("holds").asString(), "Every label in one line up to 1,447 px.");
        assertEquals(sidebar.path("shown").path("says").asString(), "Every label in one line, 18 px to spare");
        assertEquals(sidebar.path("shown").path("lines").size(), 1);
        assertTrue(
                mara.gets("/-/api/fit?page=gone&width=1024").answers(200).json().isEmpty());
        mara.gets("/-/api/fit?page=hire&width=wide").answers(400);
        mara.gets("/-/api/fit?page=hire").answers(400);
    }

    /** Of a page that is gone meanwhile all rows are those of others. */
    @Test
    public void rowsOfOtherPages_areToldOnce_theLongestFirst() {
        JsonNode here = mara.gets("/-/api/fit/elsewhere?page=hire").answers(200).json();
        JsonNode all = mara.gets("/-/api/fit/elsewhere?page=gone").answers(200).json();
        long rows = mara.gets("/-/api/fit?page=hire&width=1024")
                .answers(200)
                .json()
                .valueStream()
                .filter(fit -> fit.path("across").asBoolean())
                .count();
        assertEquals(all.size(), here.size() + rows);
        JsonNode longest = all.path(0);
        assertEquals(
                longest.path("zone").asString(), "FOOTER"); // it goes on in a second line on phones of either width
        assertEquals(longest.path("name").asString(), "Elsewhere");
        assertEquals(longest.path("holds").asString(), "In one line from 581 to 969 px and from 991 px on.");
        assertTrue(longest.path("pages").asInt() > 30);
        assertEquals(longest.path("title").asString(), "Home");
        mara.gets("/-/api/fit/elsewhere").answers(400);
    }
}
