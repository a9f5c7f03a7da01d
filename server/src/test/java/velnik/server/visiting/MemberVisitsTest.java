package velnik.server.visiting;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import velnik.server.Caller;
import velnik.server.Started;
import velnik.server.members.Members;
import velnik.server.passwords.Attempts;

/** Members come in, get what is theirs, and go out again; the owner says who is one. */
public class MemberVisitsTest {
    private static final String HANDBOOK = "/members-handbook";
    private static final String ASKED_TO_SIGN_IN = "/sign-in?to=%2Fmembers-handbook";

    private Started server;
    private Browser browser;

    @BeforeMethod
    public void start() throws IOException {
        server = Started.demo();
        browser = new Browser();
    }

    @AfterMethod
    public void stop() {
        server.close();
    }

    /** Keeps cookies and follows no redirects. */
    private final class Browser {
        private final HttpClient client =
                HttpClient.newBuilder().cookieHandler(new CookieManager()).build();

        HttpResponse<String> gets(String path) {
            return sends(HttpRequest.newBuilder(URI.create(server.url(path))));
        }

        HttpResponse<String> signsIn(String name, String password, String to) {
            return posts("/-/members/in", "same-origin", Map.of("name", name, "password", password, "to", to));
        }

        HttpResponse<String> posts(String path, String from, Map<String, String> form) {
            String body = form.entrySet().stream()
                    .map(field -> field.getKey() + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                    .collect(joining("&"));
            return sends(HttpRequest.newBuilder(URI.create(server.url(path)))
                    .header("Content-Type", "application/x-www-form-urlencoded")
                    .header("Sec-Fetch-Site", from)
                    .POST(HttpRequest.BodyPublishers.ofString(body)));
        }

        private HttpResponse<String> sends(HttpRequest.Builder request) {
            try {
                return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            } catch (IOException | InterruptedException failed) {
                throw new AssertionError("no answer", failed);
            }
        }
    }

    private static void leadsTo(HttpResponse<String> response, String location) {
        assertEquals(response.statusCode(), 303, response.body());
        assertEquals(response.headers().firstValue("Location").orElse(""), location);
        assertEquals(response.headers().firstValue("Cache-Control").orElse(""), "no-store");
    }

    @Test
    public void pageForMembers_opensOnceOneSignedIn_andClosesAgain() {
        leadsTo(browser.gets(HANDBOOK), ASKED_TO_SIGN_IN);
        assertTrue(browser.gets(ASKED_TO_SIGN_IN).body().contains("The page you asked for is for members."));
        HttpResponse<String> wrong = browser.signsIn("Member\"", "guess", HANDBOOK);
        assertEquals(wrong.statusCode(), 422);
        assertTrue(wrong.body().contains("This name and password do not go together."), wrong.body());
        assertTrue(wrong.body().contains("value=\"Member&#34;\""), "what was typed is not lost: " + wrong.body());
        assertFalse(wrong.body().contains("guess"), "but no password comes back");
        leadsTo(browser.gets(HANDBOOK), ASKED_TO_SIGN_IN);

        HttpResponse<String> in = browser.signsIn(" Member ", "mooring-line", HANDBOOK);
        leadsTo(in, HANDBOOK);
        String cookie = in.headers().firstValue("Set-Cookie").orElse("");
        assertTrue(cookie.contains("HttpOnly") && cookie.contains("SameSite=Lax"), cookie);
        HttpResponse<String> handbook = browser.gets(HANDBOOK);
        assertEquals(handbook.statusCode(), 200);
        assertTrue(handbook.body().contains("<h1>Members' handbook</h1>"), handbook.body());
        assertEquals(handbook.headers().firstValue("Cache-Control").orElse(""), "no-cache, private");
        assertTrue(handbook.headers().firstValue("Vary").orElse("").contains("Cookie"));
        assertTrue(browser.gets("/sign-in").body().contains("You are signed in as a member."));
        leadsTo(new Browser().gets(HANDBOOK), ASKED_TO_SIGN_IN);

        String token = cookie.substring(0, cookie.indexOf(';'));
        assertEquals(browser.posts("/-/members/out", "cross-site", Map.of()).statusCode(), 403);
        assertEquals(browser.gets(HANDBOOK).statusCode(), 200, "another site's form signs nobody out");
        leadsTo(browser.posts("/-/members/out", "same-origin", Map.of()), "/");
        leadsTo(browser.gets(HANDBOOK), ASKED_TO_SIGN_IN);
        HttpRequest.Builder again =
                HttpRequest.newBuilder(URI.create(server.url(HANDBOOK))).header("Cookie", token);
        leadsTo(new Browser().sends(again), ASKED_TO_SIGN_IN);
        assertEquals(browser.gets("/-/members/in").statusCode(), 302, "reloading after a form");
    }

    @Test
    public void session_outlivesARestart_butNotTwoWeeks() {
        browser.signsIn("member", "mooring-line", "");
        server = server.again();
        assertEquals(browser.gets(HANDBOOK).statusCode(), 200);
        Instant later = Instant.now().plus(14, ChronoUnit.DAYS).plusSeconds(60);
        server = server.again("--velnik.start-at=" + later);
        leadsTo(browser.gets(HANDBOOK), ASKED_TO_SIGN_IN);
    }

    /** A name that nobody has takes as long to be told wrong as one that somebody has. */
    @Test
    public void hashOfNobody_costsAsMuchAsThatOfAMember() {
        PasswordEncoder passwords = server.bean(PasswordEncoder.class);
        assertTrue(passwords.matches("nobody at all", Members.NOBODYS_HASH));
        assertFalse(passwords.upgradeEncoding(Members.NOBODYS_HASH), "it is of the cost that new ones have");
    }

    @Test
    public void whoSignsIn_getsToAPageOfTheSiteAndNowhereElse() {
        Map.of(
                        "", "/",
                        "/hire/canoes", "/hire/canoes",
                        "/Hire/Canoes/", "/hire/canoes",
                        "https://lure.example/", "/",
                        "//lure.example", "/",
                        "/\\lure.example", "/",
                        "/-/api/session", "/",
                        "/nowhere", "/",
                        "/hire\r\nSet-Cookie: a=b", "/")
                .forEach((to, address) -> leadsTo(new Browser().signsIn("member", "mooring-line", to), address));
    }

    @Test
    public void anotherSite_signsNobodyIn() {
        HttpResponse<String> forged = browser.posts(
                "/-/members/in", "cross-site", Map.of("name", "member", "password", "mooring-line", "to", "/"));
        assertEquals(forged.statusCode(), 403);
        leadsTo(browser.gets(HANDBOOK), ASKED_TO_SIGN_IN);
    }

    /** Over plain HTTP a browser only says which site a form is from. */
    @Test
    public void anotherSite_isKnownByItsOriginToo() {
        HttpRequest.Builder forged = HttpRequest.newBuilder(URI.create(server.url("/-/members/in")))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString("name=member&password=mooring-line"));
        for (String origin : new String[] {"http://lure.example", "null", "%"}) {
            assertEquals(browser.sends(forged.copy().header("Origin", origin)).statusCode(), 403, origin);
        }
        leadsTo(browser.sends(forged.copy().header("Origin", server.url(""))), "/");
    }

    @Test
    public void guessing_isSlowedDown_evenForTheRightPassword() {
        for (int attempt = 0; attempt < Attempts.FREE; attempt++) {
            assertEquals(browser.signsIn("member", "guess " + attempt, "").statusCode(), 422);
        }
        HttpResponse<String> slowed = browser.signsIn("member", "mooring-line", "");
        assertEquals(slowed.statusCode(), 429);
        assertTrue(slowed.body().contains("Too many wrong passwords for this name. Try again in "), slowed.body());
    }

    @Test
    public void membersAndPeople_areApart() {
        assertEquals(browser.signsIn("mara", "slack-water", "").statusCode(), 422);
        server.caller()
                .posts("/-/api/session", "{'name':'member','password':'mooring-line'}")
                .refuses(401, "wrong-password");
        browser.signsIn("member", "mooring-line", "");
        assertEquals(browser.gets("/-/api/working-copy").statusCode(), 401);
    }

    @Test
    public void listingsBeneathAPageIndexForMembers_askToSignIn() {
        Caller mara = server.mara();
        mara.edits("{'kind':'setMembersOnly','pages':['built-in-page-index'],'membersOnly':true}")
                .answers(200);
        mara.publishes().answers(201);
        leadsTo(browser.gets("/page-index/news"), "/sign-in?to=%2Fpage-index%2Fnews");
        assertEquals(browser.gets("/page-index/boats").statusCode(), 404);
        leadsTo(browser.signsIn("member", "mooring-line", "/page-index/news"), "/page-index/news");
        assertTrue(browser.gets("/page-index/news").body().contains("<h1>News</h1>"));
    }

    /** What one visitor was sent is not sent to the next of another kind, and the window shows both. */
    @Test
    public void menus_comeOutForEachKindOfVisitor() {
        Caller mara = server.mara();
        mara.edits(
                        "{'kind':'setItems','rows':[{'item':'footer-small-print-privacy','page':null}],'label':null,"
                                + "'appearance':{'visitors':['MEMBER']}}",
                        "{'kind':'setItems','rows':[{'item':'footer-small-print-terms-of-hire','page':null}],"
                                + "'label':null,'appearance':{'visitors':['NON_MEMBER']}}")
                .answers(200);
        String window = mara.posts("/-/api/windows", "")
                .answers(201)
                .json()
                .path("address")
                .asString();
        footerIs(server.visit(window + "/hire").body(), false);
        footerIs(server.visit(window + "/hire?member=true").body(), true);
        assertTrue(server.visit(window + HANDBOOK)
                .body()
                .contains("For members: other visitors are asked to sign in here."));
        assertTrue(server.visit(window + HANDBOOK + "?member=true").body().contains("As a member sees it."));
        mara.publishes().answers(201);
        browser.signsIn("member", "mooring-line", "");
        for (int turn = 0; turn < 2; turn++) {
            footerIs(browser.gets("/hire").body(), true);
            footerIs(server.visit("/hire").body(), false);
        }
        assertFalse(server.visit("/sitemap.xml").body().contains("handbook"));
    }

    private static void footerIs(String body, boolean forMember) {
        String footer = body.substring(body.indexOf("data-zone=\"FOOTER\""));
        assertEquals(footer.contains(">Privacy<"), forMember, footer);
        assertEquals(footer.contains(">Terms of hire<"), !forMember, footer);
    }

    @Test
    public void owner_addsMembers_givesThemPasswords_andRemovesThem() {
        Caller mara = server.mara();
        String fresh = "{'name':'iris@creek.example','displayName':'Iris Vale','password':'three blue oars'}";
        assertEquals(names(mara.posts("/-/api/members", fresh).answers(201)), "iris@creek.example member");
        browser.signsIn("iris@creek.example", "three blue oars", "");
        assertEquals(browser.gets(HANDBOOK).statusCode(), 200);

        mara.posts("/-/api/members", fresh).refuses(409, "member-exists");
        mara.posts("/-/api/members", "{'name':'Iris V','displayName':' ','password':'short'}")
                .refuses(422, "fields-invalid");
        mara.posts("/-/api/members/nobody/password", "{'password':'three red oars'}")
                .refuses(404, "no-such-member");
        mara.posts("/-/api/members/iris@creek.example/password", "{'password':'short'}")
                .refuses(422, "fields-invalid");
        mara.deletes("/-/api/members/nobody").refuses(404, "no-such-member");
        server.signedIn("jo", "neap-tide").posts("/-/api/members", fresh).refuses(403, "not-allowed");
        server.signedIn("jo", "neap-tide").gets("/-/api/members").refuses(403, "not-allowed");
        server.caller().gets("/-/api/members").refuses(401, "not-signed-in");
        assertEquals(names(mara.gets("/-/api/members")), "iris@creek.example member", "nothing of it changed anything");
        assertEquals(browser.gets(HANDBOOK).statusCode(), 200);

        mara.posts("/-/api/members/iris@creek.example/password", "{'password':'three red oars'}")
                .answers(200);
        leadsTo(browser.gets(HANDBOOK), ASKED_TO_SIGN_IN);
        leadsTo(browser.signsIn("iris@creek.example", "three red oars", HANDBOOK), HANDBOOK);
        String long199 = "äöüé".repeat(49) + "xyz";
        String long200 = long199 + "b";
        mara.posts("/-/api/members/iris@creek.example/password", "{'password':'" + long200 + "'}")
                .answers(200);
        assertEquals(browser.signsIn("iris@creek.example", long199 + "c", "").statusCode(), 422, "all of it counts");
        leadsTo(browser.signsIn("iris@creek.example", long200, HANDBOOK), HANDBOOK);
        assertEquals(names(mara.deletes("/-/api/members/iris@creek.example").answers(200)), "member");
        leadsTo(browser.gets(HANDBOOK), ASKED_TO_SIGN_IN);
        assertEquals(browser.signsIn("iris@creek.example", "three red oars", "").statusCode(), 422);
    }

    private static String names(Caller.Answer answer) {
        return answer.json()
                .path("members")
                .valueStream()
                .map(member -> member.path("name").asString())
                .collect(joining(" "));
    }
}
