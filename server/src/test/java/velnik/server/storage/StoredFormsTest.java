package velnik.server.storage;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import velnik.core.RandomEdits;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.outline.Place;
import velnik.core.outline.RowDifference;
import velnik.core.sample.Brackwater;
import velnik.core.site.Assignment;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;

public class StoredFormsTest {
    private static final JsonMapper JSON = new JsonMapper();

    private final StoredForms forms = new StoredForms();

    private static final List<Change> EVERY_KIND = everyKind();

    private static List<Change> everyKind() {
        PageId hire = Brackwater.id("Hire");
        PageId canoes = Brackwater.id("Canoes");
        List<Change> changes = new ArrayList<>(Brackwater.changes());
        changes.add(new Change.RetitlePage(hire, "Boats “to hire”"));
        changes.add(new Change.SetSlug(hire, "boats"));
        changes.add(new Change.SetSlug(hire, null));
        changes.add(new Change.MovePages(List.of(canoes), Place.top()));
        changes.add(new Change.SetReach(List.of(canoes), Reach.HELD_BACK));
        return changes;
    }

    @Test
    public void everyChangeAndDifference_readsBackEqual() {
        Site site = Site.bare();
        for (Change change : EVERY_KIND) {
            site = readsBack(site, change);
        }
    }

    /** Every kind of menu change too, those that are refused as well. */
    @Test
    public void randomEdits_readBackEqual() {
        for (long seed = 0; seed < 40; seed++) {
            RandomEdits edits = new RandomEdits(seed);
            Site site = Brackwater.site();
            for (int i = 0; i < 25; i++) {
                site = readsBack(site, edits.next(site));
            }
        }
    }

    private Site readsBack(Site site, Change change) {
        assertEquals(forms.readChanges(StoredForms.FORMAT, forms.writeChanges(List.of(change))), List.of(change));
        if (!(Changes.apply(site, change, Circumstances.NOBODY) instanceof Outcome.Applied applied)) {
            return site;
        }
        Difference difference = Difference.between(site, applied.site());
        assertEquals(forms.readDifference(StoredForms.FORMAT, forms.writeDifference(difference)), difference);
        assertEquals(
                forms.readSite(StoredForms.FORMAT, forms.writeSite(applied.site())),
                applied.site().withBin(List.of()));
        return applied.site();
    }

    /** A form that has become another without a number of its own cannot read or write this any more. */
    @Test
    public void presentForm_isTheOneThatWasFrozen() throws IOException {
        for (StoredFixtures.Line line : StoredFixtures.of(StoredForms.FORMAT)) {
            String written = line.written(forms, line.read(forms, StoredForms.FORMAT));
            assertEquals(unordered(JSON.readTree(written)), unordered(JSON.readTree(line.text())));
        }
    }

    /** Sets are written in any order. */
    private static String unordered(JsonNode node) {
        if (node.isArray()) {
            return node.valueStream()
                    .map(StoredFormsTest::unordered)
                    .sorted()
                    .collect(Collectors.joining(", ", "[", "]"));
        }
        return node.isObject()
                ? node.propertyStream()
                        .map(entry -> entry.getKey() + ": " + unordered(entry.getValue()))
                        .sorted()
                        .collect(Collectors.joining(", ", "{", "}"))
                : node.toString();
    }

    /** Of every kind there is in what is stored, one is in the file of the present form. */
    @Test
    public void everyKind_isFrozen() throws IOException {
        Set<Class<?>> frozen = new HashSet<>();
        for (StoredFixtures.Line line : StoredFixtures.of(StoredForms.FORMAT)) {
            frozen.addAll(StoredFixtures.within(line.read(forms, StoredForms.FORMAT)));
        }
        Set<Class<?>> kinds = Stream.of(
                        Change.class,
                        RowDifference.class,
                        MenuRow.class,
                        Joining.From.class,
                        ItemKind.class,
                        ListSource.class,
                        Period.class,
                        Scope.class,
                        Assignment.Says.class)
                .flatMap(StoredFormsTest::kinds)
                .collect(Collectors.toSet());
        kinds.removeAll(frozen);
        assertEquals(kinds, Set.of(), "kinds that nobody would notice becoming another");
    }

    private static Stream<Class<?>> kinds(Class<?> kind) {
        return kind.isSealed()
                ? Stream.of(kind.getPermittedSubclasses()).flatMap(StoredFormsTest::kinds)
                : Stream.of(kind);
    }

    /** What an older form wrote is read as it was when it was frozen. Form 1 is held by a whole database of it. */
    @Test
    public void olderForms_areReadAsEver() throws IOException {
        for (int format = 2; format < StoredForms.FORMAT; format++) {
            List<StoredFixtures.Line> older = StoredFixtures.of(format);
            List<StoredFixtures.Line> readings = StoredFixtures.readings(format);
            assertEquals(older.size(), readings.size(), "lines of form " + format);
            for (int i = 0; i < older.size(); i++) {
                assertEquals(
                        older.get(i).read(forms, format),
                        readings.get(i).read(forms, StoredFixtures.formOfReadings(format)),
                        "line " + (i + 1) + " of form " + format);
            }
        }
    }

    @Test
    public void aNewerFormat_isNotGuessedAt() {
        assertThrows(IllegalStateException.class, () -> forms.readSite(StoredForms.FORMAT + 1, "{}"));
    }

    /** As calls of an older Velnik could leave them: without an order or a place, with days nobody can reckon with. */
    @Test
    public void poisonedValues_areMended() {
        String poisoned = "{\"is\":\"menu\",\"name\":\"Main\",\"setAside\":false,"
                + "\"joining\":{\"from\":{\"is\":\"nowhere\"},\"spot\":null,\"joined\":[]},\"newItems\":{\"hidden\":false,"
                + "\"devices\":[\"WIDE\"],\"visitors\":[\"MEMBER\"],\"beforeSignIn\":false,\"periods\":[{\"is\":\"once\","
                + "\"first\":\"2027-01-01\",\"last\":\"+999999999-12-31\",\"opensAt\":null,\"closesAt\":\"10:00\"},"
                + "{\"is\":\"once\",\"first\":null,\"last\":\"+999999999-12-31\",\"opensAt\":null,\"closesAt\":null}],"
                + "\"icon\":\"\",\"iconAlone\":false,\"weight\":\"PLAIN\",\"farEnd\":false,\"newTab\":false,\"note\":\"\"}}";
        MenuRow.Menu menu = (MenuRow.Menu) forms.read(8, poisoned, MenuRow.class);
        assertEquals(menu.joining(), Joining.NEVER);
        assertEquals(menu.newItems().periods(), List.of(Period.once(LocalDate.parse("2027-01-01"), null)));
    }
}
