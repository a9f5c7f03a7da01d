package velnik.core.starting;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.LookChange;
import velnik.core.exchange.IndentedText;
import velnik.core.importing.Destination;
import velnik.core.importing.Found;
import velnik.core.importing.ImportChoices;
import velnik.core.importing.ImportPlan;
import velnik.core.site.EnquiryForm;
import velnik.core.site.Limits;
import velnik.core.site.Look;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/**
 * Pages with texts to be replaced, a menu for the footer, an enquiry form, and a look, for one kind of business. It is read in
 * as files of others are, so nothing about it is special once it is there.
 *
 * @param id names it in calls
 * @param name as owners read it
 * @param what it is meant for, in a few words
 * @param look that suits it; any other is one edit away
 * @param pages each as a heading, by its level; a line after {@code >} is its summary, the rest its text
 * @param footer the items of the footer, indented as a pasted list
 * @param asks the title of the page with the form
 */
public record StartingStructure(
        String id, String name, String what, Look look, String pages, String footer, String asks) {
    private static final Pattern HEADING = Pattern.compile("(#+) (.+)");
    private static final String SUMMARY = "> ";

    /** All there are, in the order in which they are offered. */
    public static final List<StartingStructure> ALL = List.of(
            Workshop.STRUCTURE,
            Cafe.STRUCTURE,
            Practice.STRUCTURE,
            Club.STRUCTURE,
            Shop.STRUCTURE,
            PlaceToStay.STRUCTURE);

    public static Optional<StartingStructure> named(String id) {
        return ALL.stream().filter(structure -> structure.id.equals(id)).findFirst();
    }

    /** A page as it is shown before. */
    public record Line(int level, String title) {}

    public List<Line> lines() {
        return found().pages().stream()
                .map(page -> new Line(page.level(), page.title()))
                .toList();
    }

    /** Of its pages, in their order. */
    List<String> texts() {
        return found().pages().stream()
                .map(page -> requireNonNull(page.said().text()))
                .toList();
    }

    /**
     * What makes it of a site without pages.
     *
     * @param ids an id for what is made of each row
     */
    public ImportPlan plan(Site site, UnaryOperator<String> ids, Circumstances circumstances) {
        ImportChoices choices =
                new ImportChoices(new Destination.Pages(null), ImportChoices.Matching.NOTHING, Set.of());
        ImportPlan plan = ImportPlan.of(site, found(), choices, ids, circumstances);
        List<Change> changes = new ArrayList<>(plan.changes());
        if (site.details().look() != look) {
            changes.add(new LookChange.SetLook(look));
        }
        asking(plan.changes()).ifPresent(page -> changes.add(new Change.SetForm(page, FIELDS)));
        return new ImportPlan(plan.rows(), changes, plan.texts(), plan.lookAt(), plan.refused());
    }

    private static final List<Change.FormField> FIELDS = List.of(
            new Change.FormField(EnquiryForm.Kind.NAME, "Your name", true, List.of()),
            new Change.FormField(EnquiryForm.Kind.MAIL, "Mail address", true, List.of()),
            new Change.FormField(EnquiryForm.Kind.WORDS, "What we can do for you", true, List.of()));

    private Optional<PageId> asking(List<Change> changes) {
        return changes.stream()
                .filter(Change.AddPages.class::isInstance)
                .flatMap(change -> ((Change.AddPages) change).pages().stream())
                .filter(page -> page.title().equals(asks))
                .map(Change.NewPage::id)
                .findFirst();
    }

    private Found found() {
        Found.Spot spot = new Found.Spot(name, 0);
        List<Found.FoundPage> found = new ArrayList<>();
        @Nullable Matcher open = null;
        StringBuilder text = new StringBuilder();
        String summary = "";
        for (String line : (pages + "\n# ").split("\n", -1)) {
            Matcher heading = HEADING.matcher(line);
            if (line.equals("# ") || heading.matches()) {
                if (open != null) {
                    found.add(page(spot, open, summary, text.toString().strip(), found.isEmpty()));
                }
                open = heading;
                text.setLength(0);
                summary = "";
            } else if (line.startsWith(SUMMARY)) {
                summary = line.substring(SUMMARY.length());
            } else {
                text.append(line).append('\n');
            }
        }
        List<Found.FoundItem> items = IndentedText.parse(footer, Limits.PAGES).stream()
                .map(line -> new Found.FoundItem(spot, line.level(), "", line.title()))
                .toList();
        return Found.NOTHING.with(
                all -> all.pages(found).menus(List.of(new Found.FoundMenu(spot, "Footer", Zone.FOOTER, items))));
    }

    /** The first is the home page. */
    private static Found.FoundPage page(Found.Spot spot, Matcher heading, String summary, String text, boolean first) {
        return new Found.FoundPage(
                spot,
                heading.group(1).length(),
                heading.group(2),
                false,
                first ? "/" : "",
                "",
                "",
                Found.Said.NOTHING.with(said -> said.summary(summary).text(text)));
    }
}
