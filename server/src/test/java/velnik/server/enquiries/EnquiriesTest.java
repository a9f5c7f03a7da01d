package velnik.server.enquiries;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import velnik.server.Caller;
import velnik.server.Started;

/** What visitors write by a form, from the page to whoever answers it. */
public class EnquiriesTest {
    private static final String ACTION = "/-/enquiries/group-bookings";

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

    private static Map<String, String> filled(Started on) {
        String page = on.visit("/hire/group-bookings").body();
        Map<String, String> sent = new TreeMap<>(Map.of(
                "f0", "Ada Byron", "f1", "ada@brackwater.example", "f4", "Up to eight", "f5", "Canoes,\nplease."));
        sent.put("form", page.replaceFirst("(?s).*name=\"form\" value=\"([^\"]+)\".*", "$1"));
        return sent;
    }

    private static HttpResponse<String> sends(Started to, Map<String, String> fields) {
        String body = fields.entrySet().stream()
                .map(field -> field.getKey() + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        try {
            return HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(to.url(ACTION)))
                                    .header("Content-Type", "application/x-www-form-urlencoded")
                                    .POST(HttpRequest.BodyPublishers.ofString(body))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
        } catch (IOException | InterruptedException failed) {
            throw new AssertionError("no answer", failed);
        }
    }

    private static Map<String, String> with(Map<String, String> sent, String field, String value) {
        Map<String, String> other = new TreeMap<>(sent);
        other.put(field, value);
        return other;
    }

    private static JsonNode messages(Caller who) {
        return who.gets("/-/api/messages").answers(200).json();
    }

    @Test
    public void aMessage_isKept_thankedFor_read_answered_andDeleted() {
        HttpResponse<String> answer = sends(server, filled(server));
        assertEquals(answer.statusCode(), 303, answer.body());
        assertEquals(answer.headers().firstValue("Location").orElse(""), ACTION);
        String thanks = server.visit(ACTION).body();
        assertTrue(thanks.contains("<h1>Thank you</h1>") && thanks.contains("noindex"), thanks);
        assertEquals(sends(server, filled(server)).statusCode(), 303, "pressed twice");
        try (Started again = server.again()) {
            Caller later = again.mara();
            JsonNode all = messages(later);
            assertEquals(all.path("messages").size(), 1);
            assertEquals(all.path("unread").asInt(), 1);
            JsonNode message = all.path("messages").get(0);
            assertEquals(message.path("answers").get(5).path("value").asString(), "Canoes,\nplease.");
            assertEquals(message.path("mail").asString(), "ada@brackwater.example");
            assertEquals(message.path("sending").asString(), "KEPT");
            assertEquals(message.path("outgoing").path("to").asString(), "yard@brackwater.example");
            String id = message.path("id").asString();
            JsonNode marked = later.posts("/-/api/messages/" + id, "{'read':true,'answered':true}")
                    .answers(200)
                    .json();
            assertEquals(marked.path("unread").asInt(), 0);
            assertTrue(marked.path("messages").get(0).path("answered").asBoolean());
            again.signedIn("visitor-desk", "low-water")
                    .posts("/-/api/messages/" + id, "{'read':false}")
                    .answers(403);
            later.deletes("/-/api/messages/" + id).answers(200);
            later.deletes("/-/api/messages/" + id).refuses(404, "message-unknown");
            assertEquals(messages(later).path("messages").size(), 0);
        }
    }

    @DataProvider
    public Object[][] faulty() {
        return new Object[][] {
            {"f0", "", "Please fill this in."},
            {"f0", "x".repeat(201), "This is too long."},
            {"f1", "nobody", "This is no mail address."},
            {"f1", "ada@brackwater.example\r\nBcc: all@brackwater.example", "This is no mail address."},
            {"f3", "tomorrow", "This is no date."},
            {"f4", "A fleet", "Please choose one of these."},
            {"f5", "y".repeat(1_000_000), "This is too long."}
        };
    }

    @Test
    public void whatIsNotAsAsked_isSentBack_withWhatWasTyped_andNothingIsKept() {
        Map<String, String> sent = filled(server);
        for (Object[] each : faulty()) {
            HttpResponse<String> answer = sends(server, with(sent, (String) each[0], (String) each[1]));
            assertEquals(answer.statusCode(), 422);
            assertTrue(answer.body().contains((String) each[2]), each[2] + " in " + answer.body());
            assertTrue(answer.body().contains("Ada Byron") || each[0].equals("f0"), "what was typed stays");
            assertTrue(answer.body().contains("nothing was sent yet"));
        }
        assertEquals(sends(server, Map.of()).statusCode(), 409);
        assertEquals(sends(server, with(sent, "form", "older")).statusCode(), 409);
        assertEquals(
                sends(server, with(sent, "website", "https://spam.example")).statusCode(), 303);
        String hostile = sends(server, with(sent, "f5", "\"><script>alert(1)</script>" + "y".repeat(6_000)))
                .body();
        assertFalse(hostile.contains("<script>alert"), hostile);
        assertEquals(messages(mara).path("messages").size(), 0);
    }

    @Test
    public void manyAtOnce_areHeldOff_andAFormThatIsGone_takesNone() {
        Map<String, String> sent = filled(server);
        int taken = 0;
        for (int i = 0; i < 40; i++) {
            int status = sends(server, with(sent, "f5", "Number " + i)).statusCode();
            assertTrue(status == 303 || status == 429, "answered " + status);
            taken += status == 303 ? 1 : 0;
        }
        assertEquals(taken, Inbox.FROM_ONE_ADDRESS);
        assertEquals(messages(mara).path("messages").size(), Inbox.FROM_ONE_ADDRESS);
        mara.edits("{'kind':'setForm','page':'group-bookings','fields':[]}").answers(200);
        mara.publishes().answers(201);
        assertEquals(sends(server, sent).statusCode(), 404);
        assertEquals(server.visit(ACTION).statusCode(), 404);
    }

    @Test
    public void messages_goIntoASpreadsheet_andReckonNothingThere() {
        sends(server, with(filled(server), "f0", "=HYPERLINK(\"https://spam.example\")"));
        String csv =
                mara.gets("/-/api/messages/all.csv").answers(200).response().body();
        assertTrue(csv.startsWith("\uFEFF\"Received\",\"Page\",\"Read\",\"Answered\",\"Your name\""), csv);
        assertTrue(csv.contains("\"'=HYPERLINK(\"\"https://spam.example\"\")\""), csv);
        assertTrue(csv.contains("\"Canoes,\nplease.\""), csv);
    }

    @Test
    public void withAMailServer_messagesGoOut_onceItAnswers() throws Exception {
        GreenMail mails = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
        mails.start();
        int port = mails.getSmtp().getPort();
        try (Started sending = Started.demo("--velnik.mail.host=127.0.0.1", "--velnik.mail.port=" + port)) {
            Caller owner = sending.mara();
            sends(sending, filled(sending));
            assertTrue(mails.waitForIncomingEmail(20_000, 1));
            MimeMessage mail = mails.getReceivedMessages()[0];
            assertEquals(mail.getAllRecipients()[0].toString(), "yard@brackwater.example");
            assertEquals(mail.getReplyTo()[0].toString(), "ada@brackwater.example");
            assertEquals(mail.getSubject(), "A message from your website: Group bookings");
            assertTrue(mail.getContent().toString().contains("Your name: Ada Byron"));
            sees(owner, "SENT");
            mails.stop();
            sends(sending, with(filled(sending), "f5", "Once more"));
            for (int i = 0;
                    i < 200
                            && messages(owner)
                                    .path("messages")
                                    .get(0)
                                    .path("problem")
                                    .asString()
                                    .isEmpty();
                    i++) {
                Thread.sleep(100);
            }
            assertFalse(messages(owner)
                    .path("messages")
                    .get(0)
                    .path("problem")
                    .asString()
                    .isEmpty());
            sees(owner, "WAITING");
        } finally {
            mails.stop();
        }
    }

    private static void sees(Caller owner, String sending) throws InterruptedException {
        for (int i = 0; i < 200; i++) {
            if (messages(owner)
                    .path("messages")
                    .get(0)
                    .path("sending")
                    .asString()
                    .equals(sending)) {
                return;
            }
            Thread.sleep(100);
        }
        assertEquals(messages(owner).path("messages").get(0).path("sending").asString(), sending);
    }
}
