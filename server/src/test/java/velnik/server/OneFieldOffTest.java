package velnik.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every call with a body, and every kind of change, with one field after another being something else: no answer is an
 * error of the server's, nothing is changed by what is refused, and all that was taken can be taken back and read again.
 */
public class OneFieldOffTest {
    private final List<String> wrong = new ArrayList<>();

    @Test
    public void bodyWithOneFieldOff_isTakenOrRefused_andBreaksNothing() throws IOException {
        DescribedCalls calls = DescribedCalls.read();
        try (Started server = Started.demo()) {
            Caller mara = server.mara();
            String before = everything(mara);
            Set<String> taken = new TreeSet<>();
            for (Map.Entry<String, String> kind : calls.changes().entrySet()) {
                ObjectNode sample = calls.sample(kind.getValue());
                if (tried(mara, kind.getKey() + " as it should be", sample.toString())) {
                    taken.add(kind.getKey());
                }
                calls.mutations(sample).forEach((what, body) -> tried(mara, kind.getKey() + what, body.toString()));
            }
            assertTrue(taken.size() > calls.changes().size() * 2 / 3, "the samples make sense: " + taken);
            assertEquals(everything(mara), before, "all that was taken was taken back");
            for (Map.Entry<String, String> call : calls.bodies().entrySet()) {
                String path = call.getKey()
                        .replace("{name}", "member")
                        .replace("{number}", "1")
                        .replace("{id}", "no-message");
                ObjectNode sample = calls.sample(call.getValue());
                calls.mutations(sample).forEach((what, body) -> called(mara, path, what, body));
            }
            assertEquals(String.join("\n", wrong), "");
            try (Started again = server.again()) {
                everything(again.mara());
            }
        }
    }

    /** @return whether it was taken; it is taken back then */
    private boolean tried(Caller mara, String what, String change) {
        long revision = mara.revision();
        Caller.Answer answer = mara.edits(change);
        int status = answer.response().statusCode();
        long after = mara.revision();
        if (status >= 500) {
            wrong.add(what + ": " + status + " " + answer.response().body());
        } else if (status >= 400 && after != revision) {
            wrong.add(what + " was refused with " + status + ", and changed something");
        } else if (status == 200 && after > revision) {
            int undone = mara.steps("undo").response().statusCode();
            if (undone != 200) {
                wrong.add(what + " cannot be taken back: " + undone);
            }
        }
        return status == 200;
    }

    private void called(Caller mara, String path, String what, JsonNode body) {
        String suffix = path.contains("/imports/") ? "?dryRun=true" : "";
        int status = mara.posts(path + suffix, body.toString()).response().statusCode();
        if (status >= 500) {
            wrong.add(path + what + ": " + status);
        }
        if (path.endsWith("/session") && status == 200) {
            wrong.add(path + what + " signed somebody in");
        }
    }

    /** All that the editor reads, each answered well. */
    private static String everything(Caller mara) {
        return mara.pages()
                + mara.gets("/-/api/menus").answers(200).json().path("menus")
                + mara.gets("/-/api/zones").answers(200).json().path("scopes")
                + mara.gets("/-/api/bin").answers(200).json().path("removals").size()
                + mara.gets("/-/api/findings").answers(200).response().body()
                + mara.gets("/-/api/waiting").answers(200).json().path("entries");
    }
}
