package velnik.server.workingcopy;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.change.Change;
import velnik.core.compare.DetailsFields;
import velnik.core.compare.Difference;
import velnik.core.compare.Field;
import velnik.core.compare.KeyedDifference;
import velnik.core.compare.MenuRowFields;
import velnik.core.compare.PageFields;
import velnik.core.outline.Outline;
import velnik.core.outline.OutlineDifference;
import velnik.core.outline.RowDifference;
import velnik.core.sample.Brackwater;
import velnik.core.site.Assignment;
import velnik.core.site.Details;
import velnik.core.site.Forward;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.Site;
import velnik.server.calls.ProblemException;
import velnik.server.storage.OpenedStorage;

/**
 * Two people who edit by turns, each going by what they last saw: whatever an edit makes another was as its author saw
 * it, or the edit was refused with both values.
 */
public class TwoPersonsTest {
    private static final int EDITS = 1_500;

    private int refused;

    @Test
    public void nobodyOverwritesWhatTheyDidNotSee() throws IOException {
        Random random = new Random(5);
        RandomEdits edits = new RandomEdits(5);
        try (OpenedStorage storage =
                OpenedStorage.in(Files.createTempDirectory("velnik-two").toString())) {
            WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
            // On a small site, so that they often mean the same thing.
            copy.applyForGood("mara", "begin-site", List.of(Brackwater.changes().getFirst()));
            WorkingCopy.State[] seen = {copy.state(), copy.state()};
            int taken = 0;
            for (int i = 0; i < EDITS; i++) {
                int person = random.nextInt(2);
                if (random.nextInt(12) == 0) {
                    seen[person] = copy.state();
                }
                Change change = edits.next(seen[person].site());
                if (change instanceof Change.BringBack || change instanceof Change.BringSite) {
                    continue; // made of the site as it is, never of what somebody saw
                }
                taken += edited(copy, person == 0 ? "mara" : "jo", "request-" + i, seen[person], change) ? 1 : 0;
            }
            assertTrue(taken > EDITS / 6 && refused > 10, taken + " taken, " + refused + " refused");
        }
    }

    private boolean edited(WorkingCopy copy, String person, String request, WorkingCopy.State seen, Change change) {
        Site before = copy.state().site();
        try {
            copy.apply(person, request, seen.revision(), List.of(change));
        } catch (ProblemException problem) {
            if (problem.type().equals("changed-since")) {
                refused++;
                assertNotEquals(
                        problem.facts().get("yours"),
                        problem.facts().get("theirs"),
                        "both values read otherwise: " + problem.sentence());
            }
            assertEquals(copy.state().site(), before);
            return false;
        }
        Difference made = Difference.between(before, copy.state().site());
        assertSeen(made.pages(), seen.site().pages(), PageFields::differing, change);
        assertSeen(made.menus(), seen.site().menus(), MenuRowFields::differing, change);
        for (KeyedDifference<Assignment.Key, Assignment> assignment : made.assignments()) {
            assertEquals(assignment.before(), seen.site().findAssignment(assignment.key()), change.toString());
        }
        for (KeyedDifference<Forward.Source, Forward> forward : made.forwards()) {
            assertEquals(forward.before(), seen.site().findForward(forward.key()), change.toString());
        }
        for (KeyedDifference<LayoutId, Layout> layout : made.layouts()) {
            assertEquals(layout.before(), seen.site().findLayout(layout.key()), change.toString());
        }
        for (Field<Details> field : DetailsFields.ALL) {
            made.details()
                    .filter(details -> field.differs(details.before(), details.after()))
                    .ifPresent(details -> assertFalse(
                            field.differs(details.before(), seen.site().details()), change.toString()));
        }
        return true;
    }

    private interface Fields<V> {
        List<String> differing(V one, V other);
    }

    /** A field that the edit altered was the same in what its author saw. */
    private static <K, V> void assertSeen(
            OutlineDifference<K, V> made, Outline<K, V> seen, Fields<V> fields, Change change) {
        for (RowDifference<K, V> row : made.rows()) {
            if (row instanceof RowDifference.Altered<K, V>(K id, V before, V after) && seen.contains(id)) {
                List<String> unseen = fields.differing(seen.get(id), before);
                List<String> altered = fields.differing(before, after);
                assertTrue(
                        altered.stream()
                                .noneMatch(field -> unseen.contains(field)
                                        && !field.equals("topics")
                                        && !field.equals("dressed")
                                        && !field.equals("leftOut")),
                        change + " altered " + altered + " of " + id + ", of which its author did not see " + unseen);
            }
        }
    }
}
