package velnik.core.importing;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertNull;

import java.util.List;
import java.util.Set;
import velnik.core.address.Addresses;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.importing.ImportChoices.Matching;
import velnik.core.site.Site;

/** Plans of reading in, made and carried out. */
final class Plans {
    private Plans() {}

    static final Destination TOP = new Destination.Pages(null);

    static Site small() {
        return read(Site.bare(), "Home\nHire\n  Canoes\n  Kayaks\nRepairs /fix", TOP, Matching.ADDRESS);
    }

    static ImportPlan plan(Site site, String text, Destination to, Matching matching, String... without) {
        return plan(site, List.of(new SourceFile("file", text)), to, matching, without);
    }

    static ImportPlan plan(Site site, List<SourceFile> files, Destination to, Matching matching, String... without) {
        return switch (FileFormat.read(files)) {
            case FileRead.NotRead not -> throw new AssertionError(not.sentence());
            case Found found ->
                ImportPlan.of(
                                site,
                                found,
                                new ImportChoices(to, matching, Set.of(without)),
                                key -> "new-" + site.pages().size() + "-" + key,
                                Circumstances.NOBODY)
                        .tried(site, Circumstances.NOBODY);
        };
    }

    static Site done(Site site, ImportPlan plan) {
        assertNull(plan.refused());
        return plan.changes().isEmpty()
                ? site
                : ((Outcome.Applied) Changes.applyAll(site, plan.changes(), Circumstances.NOBODY)).site();
    }

    static Site read(Site site, String text, Destination to, Matching matching) {
        return done(site, plan(site, text, to, matching));
    }

    static String told(ImportPlan plan) {
        return plan.rows().stream()
                .map(row -> row.key() + " " + row.verdict() + " " + row.level() + " " + row.title() + " " + row.leads()
                        + row.fields().stream()
                                .map(field ->
                                        " [" + field.field() + ": " + field.before() + " > " + field.after() + "]")
                                .collect(joining())
                        + (row.why().isEmpty() ? "" : " – " + row.why()))
                .collect(joining("\n"));
    }

    static String shape(Site site) {
        return site.pages().walk().stream()
                .filter(row -> !row.value().kind().isBuiltIn())
                .map(row ->
                        site.pages().levelOf(row.id()) + " " + row.value().title() + " " + Addresses.of(site, row.id())
                                + " " + row.value().reach() + " " + row.value().kind())
                .collect(joining("\n"));
    }
}
