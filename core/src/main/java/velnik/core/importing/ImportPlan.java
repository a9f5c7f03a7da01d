package velnik.core.importing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.MenuChecks;
import velnik.core.edit.Changes;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.text.Messages;

/**
 * What reading files in does to a site, row by row, and the changes that do it, which are one edit.
 *
 * @param texts to be kept before the pages that have them
 * @param lookAt what somebody should look at afterwards
 * @param refused why nothing of it can be done; null where it can
 */
public record ImportPlan(
        List<ImportRow> rows,
        List<Change> changes,
        List<String> texts,
        List<String> lookAt,
        @Nullable String refused) {
    private static final Messages WORDS = Messages.of(ImportPlan.class);

    public ImportPlan {
        rows = List.copyOf(rows);
        changes = List.copyOf(changes);
        texts = List.copyOf(texts);
        lookAt = List.copyOf(lookAt);
    }

    /**
     * Pure: the site is never altered. O(rows + pages of the site), but for menus, which need the pages first. Whether
     * the changes can be made shows when they are, or by {@link #tried}.
     *
     * @param ids an id for what is made of the row of a key
     */
    public static ImportPlan of(
            Site site, Found found, ImportChoices choices, UnaryOperator<String> ids, Circumstances circumstances) {
        Optional<Refusal> gone = gone(site, choices.destination());
        if (gone.isPresent()) {
            return new ImportPlan(
                    List.of(), List.of(), List.of(), List.of(), gone.get().sentence());
        }
        List<ImportRow> rows = new ArrayList<>();
        found.asides().forEach(aside -> rows.add(aside(aside, rows.size())));
        return switch (choices.destination()) {
            case Destination.Items items -> {
                MenusImport menus = new MenusImport(site, choices, ids, path -> Optional.empty());
                menus.plan(found, items);
                rows.addAll(0, menus.rows());
                yield new ImportPlan(rows, menus.changes(), List.of(), List.of(), null);
            }
            case Destination.Site whole -> ofSite(site, found, whole, choices, ids, circumstances, rows);
        };
    }

    /** The plan with the reason why it cannot be done on the site it was made for, where there is one. */
    public ImportPlan tried(Site site, Circumstances circumstances) {
        return refused == null
                        && !changes.isEmpty()
                        && Changes.applyAll(site, changes, circumstances) instanceof Outcome.Refused(Refusal why)
                ? new ImportPlan(rows, changes, texts, lookAt, why.sentence())
                : this;
    }

    /** Where it was to go may be gone by now. */
    private static Optional<Refusal> gone(Site site, Destination destination) {
        return switch (destination) {
            case Destination.Pages(@Nullable PageId under) when under != null -> Checks.exists(site, under);
            case Destination.OfMenu(MenuRowId menu) -> MenuChecks.isMenu(site, menu);
            default -> Optional.empty();
        };
    }

    private static ImportRow aside(Found.Aside aside, int number) {
        return new ImportRow(
                "a" + number,
                ImportRow.Part.ASIDE,
                aside.spot(),
                1,
                aside.refused() ? ImportRow.Verdict.REFUSE : ImportRow.Verdict.PASSED_OVER,
                aside.what(),
                "",
                List.of(),
                aside.why());
    }

    private static ImportPlan ofSite(
            Site site,
            Found found,
            Destination.Site destination,
            ImportChoices choices,
            UnaryOperator<String> ids,
            Circumstances circumstances,
            List<ImportRow> asides) {
        PagesImport pages = new PagesImport(site, choices, ids);
        if (!found.pages().isEmpty()) {
            pages.plan(found.pages(), destination);
        }
        List<Change> changes = new ArrayList<>(pages.changes());
        List<ImportRow> rows = new ArrayList<>(pages.rows());
        Site with = site;
        if (!changes.isEmpty() && !(found.menus().isEmpty() && found.forwards().isEmpty())) {
            switch (Changes.applyAll(site, changes, circumstances)) {
                case Outcome.Refused(Refusal why) -> {
                    rows.addAll(asides);
                    return new ImportPlan(rows, changes, pages.texts(), List.of(), why.sentence());
                }
                case Outcome.Applied applied -> with = applied.site();
            }
        }
        MenusImport menus = new MenusImport(with, choices, ids, pages::at);
        menus.plan(found.menus());
        ForwardsImport forwards = new ForwardsImport(with, choices);
        forwards.plan(found.forwards());
        changes.addAll(pages.forwards());
        changes.addAll(menus.changes());
        changes.addAll(forwards.changes());
        rows.addAll(menus.rows());
        rows.addAll(pages.forwardRows());
        rows.addAll(forwards.rows());
        rows.addAll(asides);
        return new ImportPlan(rows, changes, pages.texts(), lookAt(pages.guessed(), rows), null);
    }

    private static List<String> lookAt(int guessed, List<ImportRow> rows) {
        List<String> lookAt = new ArrayList<>();
        tell("lookAt.guessed", guessed, lookAt);
        tell("lookAt.made", count(rows, WORDS.say("made")), lookAt);
        tell("lookAt.former", count(rows, WORDS.say("former")), lookAt);
        tell("lookAt.nothingThere", count(rows, WORDS.say("nothingThere")), lookAt);
        return lookAt;
    }

    private static long count(List<ImportRow> rows, String why) {
        return rows.stream()
                .filter(row ->
                        row.verdict() == ImportRow.Verdict.ADD && row.why().equals(why))
                .count();
    }

    private static void tell(String key, long count, List<String> lookAt) {
        if (count > 0) {
            lookAt.add(WORDS.say(key, Map.of("count", count)));
        }
    }
}
