package velnik.server.editing;

import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.importing.Destination;
import velnik.core.importing.Found;
import velnik.core.importing.ImportChoices;
import velnik.core.importing.ImportPlan;
import velnik.core.importing.ImportRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.server.calls.RequestName;
import velnik.server.exchanging.GivenFile;

/** Files read in, as the API has them. */
final class ImportDto {
    private ImportDto() {}

    /** Where what is read goes. */
    enum Where {
        /** Into the page tree, under the page that is named or at the top; menus beside those there are. */
        PAGES,
        /** Under a page that is made for it, called by the name. */
        BRANCH,
        /** All rows as items of the menu that is named. */
        MENU,
        /** All rows as items of a menu that is made for it, called by the name. */
        NEW_MENU
    }

    /** @param without keys of rows that are left out */
    record ImportChoice(
            Where where,
            @Nullable String page,
            @Nullable String menu,
            @Nullable String name,
            ImportChoices.Matching matching,
            List<String> without) {

        ImportChoices read() {
            return new ImportChoices(
                    switch (where) {
                        case PAGES -> new Destination.Pages(page == null ? null : new PageId(page));
                        case BRANCH -> new Destination.NewBranch(Objects.requireNonNull(name));
                        case MENU -> new Destination.OfMenu(new MenuRowId(Objects.requireNonNull(menu)));
                        case NEW_MENU -> new Destination.OfNewMenu(Objects.requireNonNull(name));
                    },
                    matching,
                    Set.copyOf(without));
        }
    }

    record ImportFiles(
            @NotNull @Pattern(regexp = RequestName.SHAPE, message = RequestName.SENTENCE)
            String request,

            long basedOn,

            @NotEmpty(message = "There is no file in this request.")
            @Size(max = 50, message = "At most 50 files are read at a time. Pack them into a ZIP.")
            List<GivenFile> files,

            ImportChoice choices) {}

    /**
     * What would happen.
     *
     * @param formats what the files are, in words
     * @param title of the whole; empty where none is said
     * @param pages whether there are pages in it, as are menus and forwards
     * @param refused why nothing of it can be done; null where it can
     * @param whole set where the files hold a whole site, which is read in all at once and not row by row
     */
    record ImportDryRun(
            String formats,
            String title,
            boolean pages,
            boolean menus,
            boolean forwards,
            List<ImportLine> rows,
            List<String> lookAt,
            @Nullable String refused,
            @Nullable ImportedSite whole) {

        static ImportDryRun of(String formats, Found found, ImportPlan plan) {
            return new ImportDryRun(
                    formats,
                    found.title(),
                    !found.pages().isEmpty(),
                    !found.menus().isEmpty(),
                    !found.forwards().isEmpty(),
                    plan.rows().stream().map(ImportLine::of).toList(),
                    plan.lookAt(),
                    plan.refused(),
                    null);
        }

        static ImportDryRun ofWhole(String formats, String title, ImportedSite whole, List<String> lookAt) {
            return new ImportDryRun(formats, title, false, false, false, List.of(), lookAt, null, whole);
        }
    }

    /**
     * What becomes another.
     *
     * @param count how many things
     * @param sentences of the first of them
     */
    record ImportedSite(int count, List<String> sentences) {}

    /** @param line from 1; 0 for what no line says */
    record ImportLine(
            String key,
            ImportRow.Part part,
            String file,
            int line,
            int level,
            ImportRow.Verdict verdict,
            String title,
            String leads,
            List<ImportField> fields,
            String why) {

        static ImportLine of(ImportRow row) {
            return new ImportLine(
                    row.key(),
                    row.part(),
                    row.spot().file(),
                    row.spot().line(),
                    row.level(),
                    row.verdict(),
                    row.title(),
                    row.leads(),
                    row.fields().stream()
                            .map(field -> new ImportField(field.field(), field.before(), field.after()))
                            .toList(),
                    row.why());
        }
    }

    record ImportField(String field, String before, String after) {}
}
