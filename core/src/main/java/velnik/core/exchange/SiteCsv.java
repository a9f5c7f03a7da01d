package velnik.core.exchange;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.explanation.Words;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.outline.Branch;
import velnik.core.reach.Days;
import velnik.core.reach.Openings;
import velnik.core.site.Assignment;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** What is on a site as tables: one of its pages, of its items, of what stands in its zones, of its addresses that lead on. */
public final class SiteCsv {
    private static final int MOVED = 301;
    private static final int GONE = 410;

    private SiteCsv() {}

    /** All pages in the order of the page tree. */
    public static String pages(Site site) {
        List<List<String>> rows = new ArrayList<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            Page page = row.value();
            @Nullable PageId parent = row.parent();
            rows.add(List.of(
                    page.title(),
                    Addresses.of(site, row.id()),
                    parent == null ? "" : Addresses.of(site, parent),
                    site.isHome(row.id()) ? "home" : Words.kind(page.kind()),
                    Words.reach(page.reach()),
                    page.membersOnly() ? "members" : "everyone",
                    page.keptFromSearchEngines() ? "asked not to list it" : "may list it",
                    page.periods().isEmpty() ? "" : Days.ENGLISH.periods(page.periods()),
                    Words.layout(site, page.layout()),
                    String.join(", ", page.topics().stream().sorted().toList()),
                    page.date() == null ? "" : page.date().toString(),
                    page.summary(),
                    page.searchTitle(),
                    page.searchDescription(),
                    row.id().value()));
        }
        return Csv.of(
                List.of(
                        "Title",
                        "Address",
                        "Under",
                        "Kind",
                        "Reach",
                        "For",
                        "Search engines",
                        "Periods",
                        "Layout",
                        "Topics",
                        "Date",
                        "Summary",
                        "Title for search",
                        "Description for search",
                        "Id"),
                rows);
    }

    /** All rows of all menus as they come out now, those of lists too, with why one shows to nobody. */
    public static String items(Site site, Openings openings) {
        List<List<String>> rows = new ArrayList<>();
        for (Branch<MenuRowId, MenuRow> menu : site.menus().top()) {
            if (menu.value() instanceof MenuRow.Menu named) {
                MenuReading.of(site, openings, menu.id(), null)
                        .forEach(entry -> collect(site, named.name(), 1, entry, rows));
            }
        }
        return Csv.of(
                List.of(
                        "Menu",
                        "Level",
                        "Label",
                        "Leads to",
                        "Shows to",
                        "On",
                        "Not shown because",
                        "Icon",
                        "Picture",
                        "Accent",
                        "Note",
                        "Tab",
                        "Search engines",
                        "Hook",
                        "Arrangement",
                        "Opens"),
                rows);
    }

    private static void collect(Site site, String menu, int level, MenuEntry entry, List<List<String>> rows) {
        if (!entry.splices()) {
            rows.add(List.of(
                    menu,
                    String.valueOf(level),
                    entry.label(),
                    entry.target().address(site, AddressWriter.fromRoot()),
                    entry.visitors().isEmpty() ? "nobody" : Words.visitors(entry.visitors()),
                    Words.devices(entry.appearance().devices()),
                    entry.absence().map(absence -> absence.sentence(site)).orElse(""),
                    entry.appearance().icon(),
                    Optional.ofNullable(entry.appearance().picture())
                            .map(picture -> Words.file(site, picture))
                            .orElse(""),
                    entry.appearance().accent() ? "accent" : "",
                    entry.appearance().note(),
                    entry.appearance().newTab() ? "new" : "same",
                    Words.relation(entry.appearance().relation()),
                    entry.appearance().hook(),
                    Words.arrangement(entry.appearance().arrangement()),
                    Words.panel(entry.appearance().panel())));
        }
        entry.rows().forEach(row -> collect(site, menu, entry.splices() ? level : level + 1, row, rows));
    }

    /** Which menus are assigned where. */
    public static String assignments(Site site) {
        List<List<String>> rows = new ArrayList<>();
        for (Assignment assignment : site.assignments()) {
            rows.add(List.of(
                    Words.zone(assignment.zone()),
                    Words.scope(site, assignment.scope()),
                    Words.says(site, assignment.says())));
        }
        return Csv.of(List.of("Zone", "For", "It"), rows);
    }

    /**
     * Every address that will lead on once all is published, with what it answers: 301 and where, or 410. One that ends
     * in {@code /*} is meant with all beneath it.
     *
     * @param live what visitors see
     */
    public static String forwards(Site live, Site working, Instant now) {
        return Csv.of(
                List.of("From", "Answer", "To"),
                LeadingOn.all(live, working, now).stream()
                        .map(each -> List.of(
                                each.beneath() ? each.from() + "/*" : each.from(),
                                String.valueOf(each.to().isEmpty() ? GONE : MOVED),
                                each.to()))
                        .toList());
    }
}
