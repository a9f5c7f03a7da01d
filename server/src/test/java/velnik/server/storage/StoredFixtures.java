package velnik.server.storage;

import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.RandomEdits;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.sample.Brackwater;
import velnik.core.site.Site;

/**
 * What every form has looked like, one file for each: a line with a change, the difference it made, and so on, until
 * each kind of value there is was written once; at the end a site. The file of a form never changes once another form
 * has come. Beside it lies then how it is read: the same lines in the form that came next, or, for those from before
 * forms were frozen, in form 9. {@link #main} writes the present form anew, and the readings that are not there yet.
 */
final class StoredFixtures {
    private static final String CHANGES = "changes ";
    private static final String DIFFERENCE = "difference ";
    private static final String SITE = "site ";

    private StoredFixtures() {}

    /** A value as it was written, and what kind of text it is. */
    record Line(String kind, String text) {

        Object read(StoredForms forms, int format) {
            return switch (kind) {
                case CHANGES -> forms.readChanges(format, text);
                case DIFFERENCE -> forms.readDifference(format, text);
                default -> forms.readSite(format, text);
            };
        }

        @SuppressWarnings("unchecked") // as read
        String written(StoredForms forms, Object value) {
            return switch (kind) {
                case CHANGES -> forms.writeChanges((List<Change>) value);
                case DIFFERENCE -> forms.writeDifference((Difference) value);
                default -> forms.writeSite((Site) value);
            };
        }
    }

    static List<Line> of(int format) throws IOException {
        return lines(file("format-" + format));
    }

    /** How the lines of an older form are read; see {@link #formOfReadings}. */
    static List<Line> readings(int format) throws IOException {
        return lines(file("format-" + format + "-read"));
    }

    static int formOfReadings(int format) {
        return Math.max(9, format + 1);
    }

    private static List<Line> lines(Path file) throws IOException {
        List<Line> lines = new ArrayList<>();
        for (String line : Files.readAllLines(file)) {
            int blank = line.indexOf(' ') + 1;
            lines.add(new Line(line.substring(0, blank), line.substring(blank)));
        }
        return lines;
    }

    private static Path file(String name) {
        return Path.of("src/test/resources/stored", name + ".txt");
    }

    /** Every record within a value, by its class. */
    static Set<Class<?>> within(Object value) {
        Set<Class<?>> kinds = new HashSet<>();
        collect(value, kinds);
        return kinds;
    }

    private static void collect(@Nullable Object value, Set<Class<?>> kinds) {
        switch (value) {
            case Collection<?> some -> some.forEach(each -> collect(each, kinds));
            case Map<?, ?> map -> map.values().forEach(each -> collect(each, kinds));
            case Optional<?> optional -> optional.ifPresent(each -> collect(each, kinds));
            case Record found -> {
                kinds.add(found.getClass());
                for (RecordComponent component : found.getClass().getRecordComponents()) {
                    collect(component(found, component), kinds);
                }
            }
            case null, default -> {}
        }
    }

    private static @Nullable Object component(Record found, RecordComponent component) {
        try {
            return component.getAccessor().invoke(found);
        } catch (ReflectiveOperationException notReadable) {
            return null;
        }
    }

    public static void main(String[] arguments) throws IOException {
        StoredForms forms = new StoredForms();
        freeze(forms);
        for (int format = 2; format < StoredForms.FORMAT; format++) {
            Path file = file("format-" + format + "-read");
            if (!Files.exists(file)) {
                List<String> lines = new ArrayList<>();
                for (Line line : of(format)) {
                    lines.add(line.kind() + line.written(forms, line.read(forms, format)));
                }
                Files.write(file, lines, StandardCharsets.UTF_8);
            }
        }
    }

    /** Edits of the boatyard, of which those stay that bring something new. */
    private static void freeze(StoredForms forms) throws IOException {
        List<String> lines = new ArrayList<>();
        Set<Class<?>> seen = new HashSet<>();
        Site site = Site.bare();
        List<Change> first = Brackwater.changes();
        for (long seed = 0; seed < 600; seed++) {
            RandomEdits edits = new RandomEdits(seed);
            for (int i = 0; i < 60; i++) {
                Change change = seed == 0 && i < first.size() ? first.get(i) : edits.next(site);
                if (Changes.apply(site, change, Circumstances.NOBODY) instanceof Outcome.Applied applied) {
                    Difference difference = Difference.between(site, applied.site());
                    if (seen.addAll(within(List.of(change)))) {
                        lines.add(CHANGES + forms.writeChanges(List.of(change)));
                    }
                    if (seen.addAll(within(difference))) {
                        lines.add(DIFFERENCE + forms.writeDifference(difference));
                    }
                    site = applied.site();
                }
            }
            site = seed == 0 ? site : Brackwater.site();
        }
        lines.add(SITE + forms.writeSite(Brackwater.site()));
        Files.write(file("format-" + StoredForms.FORMAT), lines, StandardCharsets.UTF_8);
    }
}
