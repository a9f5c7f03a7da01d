package velnik.core.outline;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

@SuppressWarnings("ReferenceEquality") // whether it is the very same branch is what is asked
public class OutlineLawsTest {
    private static final int SEEDS = 300;
    private static final int STEPS = 40;

    @DataProvider
    public Object[][] seeds() {
        return new Random(7).longs(SEEDS).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "seeds")
    public void randomSequence_keepsEveryRowOnceAndFindsItByItsPath(long seed) {
        Random random = new Random(seed);
        Outline<String, Integer> outline = Outline.empty();
        for (int step = 0; step < STEPS; step++) {
            outline = step(outline, random, step);
            assertSound(outline);
        }
    }

    @Test(dataProvider = "seeds")
    public void difference_appliedGivesTheOther_andReversedGivesTheFirst(long seed) {
        Random random = new Random(seed);
        Outline<String, Integer> before = grown(random);
        Outline<String, Integer> after = before;
        for (int step = 0; step < 1 + random.nextInt(12); step++) {
            after = step(after, random, 1000 + step);
        }
        OutlineDifference<String, Integer> difference = OutlineDifference.between(before, after);
        assertEquals(difference.applyTo(before), after);
        assertSound(difference.applyTo(before));
        assertEquals(difference.reversed().applyTo(after), before);
        assertEquals(OutlineDifference.between(after, after).rows(), List.of());
    }

    /** Many operations in one editor give what they give one after another, and share as much. */
    @Test(dataProvider = "seeds")
    public void editor_givesWhatTheOperationsGiveOneByOne(long seed) {
        Random random = new Random(seed);
        Outline<String, Integer> base = grown(random);
        Outline<String, Integer> oneByOne = base;
        OutlineEditor<String, Integer> editor = base.edit();
        for (int step = 0; step < STEPS; step++) {
            oneByOne = bothStep(oneByOne, editor, random, 1000 + step);
            for (String id : ids(oneByOne)) {
                assertTrue(editor.contains(id));
                assertEquals(editor.get(id), oneByOne.get(id));
                assertEquals(editor.levelOf(id), oneByOne.levelOf(id));
                assertTrue(editor.has(oneByOne.placeOf(id)));
            }
        }
        Outline<String, Integer> together = editor.done();
        assertEquals(together, oneByOne);
        assertSound(together);
        for (Branch<String, Integer> row : base.walk()) {
            if (oneByOne.contains(row.id()) && oneByOne.branch(row.id()) == row) {
                assertSame(together.branch(row.id()), row);
            }
        }
    }

    private static Outline<String, Integer> bothStep(
            Outline<String, Integer> outline, OutlineEditor<String, Integer> editor, Random random, int number) {
        List<String> ids = ids(outline);
        Place<String> place = place(outline, random);
        if (ids.isEmpty() || random.nextInt(3) == 0) {
            editor.insert("r" + number, place, number);
            return outline.insert("r" + number, place, number);
        }
        String row = ids.get(random.nextInt(ids.size()));
        switch (random.nextInt(5)) {
            case 0 -> {
                editor.replace(row, number);
                return outline.replace(row, number);
            }
            case 1 -> {
                editor.remove(row);
                return outline.remove(row);
            }
            default -> {
                List<String> moving = outline.outermost(List.of(row, ids.get(random.nextInt(ids.size()))));
                if (moving.stream().anyMatch(each -> outline.isInside(place.parent(), each))) {
                    return outline;
                }
                editor.move(moving, place);
                return outline.move(moving, place);
            }
        }
    }

    /** Rebuilding both versions row by row leaves nothing to skip; what comes out must be the same. */
    @Test(dataProvider = "seeds")
    public void difference_isTheSame_whetherOrNotTheVersionsShareBranches(long seed) {
        Random random = new Random(seed);
        Outline<String, Integer> before = grown(random);
        Outline<String, Integer> after = step(step(before, random, 1000), random, 1001);
        Set<RowDifference<String, Integer>> shared =
                new HashSet<>(OutlineDifference.between(before, after).rows());
        Set<RowDifference<String, Integer>> unshared = new HashSet<>(
                OutlineDifference.between(rebuilt(before), rebuilt(after)).rows());
        assertEquals(unshared.size(), shared.size());
        assertEquals(OutlineDifference.between(rebuilt(before), rebuilt(after)).applyTo(before), after);
    }

    @Test
    public void difference_ofAReordering_namesTheFewestRows() {
        Outline<String, Integer> before = flat("a", "b", "c", "d", "e", "f");
        assertEquals(movedBetween(before, flat("b", "c", "d", "e", "f", "a")), List.of("a"));
        assertEquals(movedBetween(before, flat("f", "a", "b", "c", "d", "e")), List.of("f"));
        assertEquals(movedBetween(before, flat("a", "c", "d", "b", "f", "e")).size(), 2);
        assertEquals(movedBetween(before, flat("f", "e", "d", "c", "b", "a")).size(), 5);
    }

    /** Against every subset: the moved rows are as few as any that explain the new order. */
    @Test(dataProvider = "seeds")
    public void difference_ofAShuffle_isMinimal(long seed) {
        List<String> names = new ArrayList<>(List.of("a", "b", "c", "d", "e", "f", "g"));
        Outline<String, Integer> before = flat(names.toArray(String[]::new));
        Collections.shuffle(names, new Random(seed));
        Outline<String, Integer> after = flat(names.toArray(String[]::new));
        assertEquals(movedBetween(before, after).size(), names.size() - longestOrdered(names));
    }

    private static int longestOrdered(List<String> names) {
        int longest = 0;
        for (int subset = 0; subset < 1 << names.size(); subset++) {
            String kept = "";
            for (int i = 0; i < names.size(); i++) {
                kept += (subset >> i & 1) == 1 ? names.get(i) : "";
            }
            boolean ordered = kept.chars()
                    .boxed()
                    .sorted()
                    .toList()
                    .equals(kept.chars().boxed().toList());
            longest = ordered ? Math.max(longest, kept.length()) : longest;
        }
        return longest;
    }

    @Test
    public void change_sharesTheBranchesItDidNotTouch() {
        Outline<String, Integer> before =
                flat("a", "b").insert("a1", Place.firstUnder("a"), 1).insert("b1", Place.firstUnder("b"), 1);
        Outline<String, Integer> after = before.replace("a1", 2);
        assertSame(after.branch("b"), before.branch("b"));
        assertNotEquals(after.branch("a"), before.branch("a"));
        assertSame(before.replace("a1", 1), before);
    }

    @Test
    public void move_ofSeveralRows_keepsTheirOrder_evenBehindOneOfThem() {
        Outline<String, Integer> outline = flat("a", "b", "c", "d");
        assertEquals(ids(outline.move(List.of("a", "c"), new Place<>(null, "d"))), List.of("b", "d", "a", "c"));
        assertEquals(ids(outline.move(List.of("b", "c"), new Place<>(null, "c"))), List.of("a", "b", "c", "d"));
        assertEquals(ids(outline.move(List.of("d", "a"), Place.top())), List.of("d", "a", "b", "c"));
    }

    @Test
    public void impossibleAsks_areRefused_namingTheRow() {
        Outline<String, Integer> outline = flat("a", "b").insert("a1", Place.firstUnder("a"), 0);
        assertThrows(IllegalArgumentException.class, () -> outline.move(List.of("a"), Place.firstUnder("a1")));
        assertThrows(IllegalArgumentException.class, () -> outline.insert("a", Place.top(), 0));
        assertThrows(IllegalArgumentException.class, () -> outline.insert("c", new Place<>("b", "a1"), 0));
        assertThrows(NoSuchElementException.class, () -> outline.get("z"));
        assertThrows(IllegalArgumentException.class, () -> Outline.of(List.of(new Outline.Entry<>("x", "y", 0))));
        assertEquals(outline.size(), 3);
    }

    private static List<String> movedBetween(Outline<String, Integer> before, Outline<String, Integer> after) {
        return OutlineDifference.between(before, after).rows().stream()
                .filter(RowDifference.Moved.class::isInstance)
                .map(RowDifference::id)
                .toList();
    }

    private static Outline<String, Integer> flat(String... names) {
        List<Outline.Entry<String, Integer>> entries = new ArrayList<>();
        for (String name : names) {
            entries.add(new Outline.Entry<>(name, null, 0));
        }
        return Outline.of(entries);
    }

    private static Outline<String, Integer> grown(Random random) {
        Outline<String, Integer> outline = Outline.empty();
        for (int step = 0; step < 25; step++) {
            outline = step(outline, random, step);
        }
        return outline;
    }

    private static Outline<String, Integer> rebuilt(Outline<String, Integer> outline) {
        return Outline.of(outline.walk().stream()
                .map(row -> new Outline.Entry<>(row.id(), row.parent(), row.value()))
                .toList());
    }

    private static Outline<String, Integer> step(Outline<String, Integer> outline, Random random, int number) {
        List<String> ids = ids(outline);
        if (ids.isEmpty() || random.nextInt(3) == 0) {
            return outline.insert("r" + number, place(outline, random), number);
        }
        String row = ids.get(random.nextInt(ids.size()));
        return switch (random.nextInt(5)) {
            case 0 -> outline.replace(row, number);
            case 1 -> outline.remove(row);
            default -> {
                Place<String> place = place(outline, random);
                yield outline.isInside(place.parent(), row) ? outline : outline.move(List.of(row), place);
            }
        };
    }

    private static Place<String> place(Outline<String, Integer> outline, Random random) {
        List<String> ids = ids(outline);
        if (ids.isEmpty() || random.nextInt(5) == 0) {
            return Place.top();
        }
        String id = ids.get(random.nextInt(ids.size()));
        @Nullable String parent = outline.branch(id).parent();
        return random.nextBoolean() ? Place.firstUnder(id) : new Place<>(parent, id);
    }

    private static List<String> ids(Outline<String, Integer> outline) {
        return outline.walk().stream().map(Branch::id).toList();
    }

    private static void assertSound(Outline<String, Integer> outline) {
        List<String> ids = ids(outline);
        assertEquals(new HashSet<>(ids).size(), ids.size(), "a row stands twice");
        assertEquals(ids.size(), outline.size(), "the map and the tree hold different rows");
        for (String id : ids) {
            assertTrue(outline.has(outline.placeOf(id)));
            assertEquals(outline.pathTo(id).getLast().id(), id);
            assertEquals(outline.pathTo(id).size(), outline.levelOf(id));
            List<Branch<String, Integer>> siblings =
                    outline.childrenOf(outline.parentOf(id).orElse(null));
            assertTrue(
                    siblings.stream().anyMatch(sibling -> sibling == outline.branch(id)), id + " is not where it says");
        }
    }
}
