package velnik.server.people;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import velnik.server.Caller;
import velnik.server.Started;
import velnik.server.passwords.Attempts;

public class PeopleTest {
    private Started server;

    @BeforeClass
    public void start() throws IOException {
        server = Started.empty();
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    @Test
    public void passwordKeptAnEarlierWay_isStillRight() {
        PasswordEncoder passwords = new SecurityConfiguration().passwordEncoder();
        String kept = "{pbkdf2}"
                + Pbkdf2PasswordEncoder.defaultsForSpringSecurity_v5_8().encode("three blue oars");
        assertTrue(passwords.matches("three blue oars", kept));
        assertFalse(passwords.matches("three red oars", kept));
        assertTrue(requireNonNull(passwords.encode("three blue oars")).startsWith("{argon2}"));
    }

    private static String owner(String name, String password, String site) {
        return "{'name':'" + name + "','displayName':'Ada','password':'" + password + "','siteName':'" + site + "'}";
    }

    /** One story, in order: nobody, a form filled badly, the owner, a second who tries, wrong passwords, a restart. */
    @Test
    public void firstStart_asksForAnOwner_once() {
        Caller caller = server.caller();
        assertTrue(caller.gets("/-/api/session").json().path("ownerMissing").asBoolean());
        var errors = caller.posts("/-/api/owner", owner("Ada L", "short", " "))
                .refuses(422, "fields-invalid")
                .json()
                .path("errors");
        assertEquals(errors.size(), 3, "all problems of the form are told together");
        caller.posts("/-/api/owner", owner("ada", "three blue oars", "Creek")).answers(201);
        assertEquals(
                caller.workingCopy()
                        .path("settings")
                        .path("business")
                        .path("name")
                        .asString(),
                "Creek");
        assertEquals(caller.workingCopy().path("home").isNull(), true);
        server.caller()
                .posts("/-/api/owner", owner("eve", "three blue oars", "Mine"))
                .refuses(409, "owner-exists");
        assertEquals(caller.steps("undo").refuses(422, "nothing-to-undo").json().has("title"), true);

        caller.edits("{'kind':'addPages','pages':[{'id':'p1','place':{'parent':null,'after':null},'title':'Hello',"
                        + "'reach':null}]}")
                .answers(200);
        caller.posts("/-/api/preferences", "{'name':'folded','setting':'[1]'}").answers(204);
        caller.posts("/-/api/preferences", "{'name':'folded','setting':'[2]'}").answers(204);
        caller.posts("/-/api/preferences", "{'name':'no such ;','setting':'[2]'}")
                .refuses(422, "fields-invalid");
        server.caller().gets("/-/api/preferences").refuses(401, "not-signed-in");
        String pages = caller.pages();
        server = server.again();
        Caller ada = server.signedIn("ada", "three blue oars");
        assertEquals(ada.pages(), pages);
        assertEquals(
                ada.gets("/-/api/preferences")
                        .answers(200)
                        .json()
                        .path("settings")
                        .toString(),
                "{\"folded\":\"[2]\"}");
        assertEquals(ada.workingCopy().path("history").path("latest").toString(), "[\"Add Hello to the top level\"]");
        assertEquals(ada.workingCopy().path("home").asString(), "p1");
        assertEquals(ada.steps("undo").answers(200).json().path("title").asString(), "Add Hello to the top level");

        for (int attempt = 1; attempt <= Attempts.FREE; attempt++) {
            server.caller()
                    .posts("/-/api/session", "{'name':'ada','password':'guess " + attempt + "'}")
                    .refuses(401, "wrong-password");
        }
        for (int attempt = Attempts.FREE; attempt < 10; attempt++) {
            server.caller()
                    .posts("/-/api/session", "{'name':'ada','password':'three blue oars'}")
                    .refuses(429, "too-many-attempts");
        }
        assertFalse(server.caller()
                .gets("/-/api/session")
                .json()
                .path("ownerMissing")
                .asBoolean());
    }
}
