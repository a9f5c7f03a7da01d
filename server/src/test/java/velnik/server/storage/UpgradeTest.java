package velnik.server.storage;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.MenuChange;
import velnik.core.change.Outcome;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.navigation.SiteNavigation;
import velnik.core.sample.Brackwater;
import velnik.core.site.Appearance;
import velnik.core.site.LayoutId;
import velnik.core.site.MenuRow;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Past;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.core.undo.Undoing;
import velnik.server.Started;

/** Data stored in an older format is opened, edited, taken back and kept as if it had been written today. */
public class UpgradeTest {
    @Test
    public void storedInFormatOne_isGivenTheBuiltInPages_whenItIsStarted() throws IOException, SQLException {
        Path data = FormerData.inFormatOne();
        try (Started server = Started.on(data)) {
            assertEquals(server.visit("/search").statusCode(), 404, "not published yet");
            assertTrue(server.visit("/nowhere").body().contains("<h1>Not found</h1>"));
        }
        Started.on(data).close(); // and once is enough
        try (OpenedStorage storage = OpenedStorage.in(data.toString())) {
            SiteStore.Stored stored = storage.sites().load();
            assertEquals(stored.revision(), 5);
            assertEquals(stored.site().lackingBuiltIns(), List.of());
            assertEquals(storage.sites().findEntry(5).orElseThrow().changes(), List.of(new Change.AddBuiltInPages()));
        }
    }

    @Test
    public void storedInFormatOne_opensEditsAndUndoes() throws IOException, SQLException {
        String folder = FormerData.inFormatOne().toString();
        Site edited;
        try (OpenedStorage storage = OpenedStorage.in(folder)) {
            SiteStore.Stored stored = storage.sites().load();
            Site site = stored.site();
            assertEquals(stored.revision(), 4);
            assertEquals(site.pages().size(), 49);
            assertTrue(site.pages().walk().stream()
                    .allMatch(row -> row.value().layout().equals(LayoutId.STANDARD)));
            assertTrue(site.pages().walk().stream().noneMatch(row -> row.value().locked()));
            assertTrue(site.pages().walk().stream()
                    .allMatch(row -> row.value().periods().isEmpty()));
            assertEquals(site.details().timeZone(), ZoneId.of("UTC"));
            assertTrue(site.menus().top().stream()
                    .map(row -> (MenuRow.Menu) row.value())
                    .allMatch(menu -> menu.newItems().equals(Appearance.PLAIN)));
            assertEquals(firstLabels(site), List.of("Home", "News", "Hire"));
            assertEquals(
                    firstLabels(storage.releases().findNewest().orElseThrow().site()),
                    List.of("Home", "Hire", "Repairs"));

            assertEquals(storage.releases().past().published().size(), 49);
            assertEquals(
                    storage.releases().past().published().values().stream()
                            .map(moment -> LocalDate.ofInstant(moment, ZoneOffset.UTC))
                            .collect(Collectors.toSet()),
                    Set.of(LocalDate.parse("2026-11-25")));

            Difference moved = storage.sites().findEntry(4).orElseThrow().difference();
            Site undone = ((Undoing.Result.Undone) Undoing.undo(site, moved)).site();
            assertEquals(firstLabels(undone), List.of("Home", "Hire", "Repairs"));
            Difference begun = storage.sites().findEntry(1).orElseThrow().difference();
            assertEquals(
                    begun.assignments().getFirst().after(),
                    site.findAssignment(begun.assignments().getFirst().key()));
            assertEquals(
                    storage.sites().findEntry(1).orElseThrow().changes().getFirst() instanceof Change.BeginSite, true);

            // The assignment was stored under the name it had then.
            Change change = new MenuChange.AssignMenus(Zone.HEADER, new Scope.Everywhere(), null);
            edited = ((Outcome.Applied) Changes.apply(site, change, Circumstances.NOBODY)).site();
            storage.sites()
                    .write(
                            site,
                            edited,
                            List.of(new JournalEntry(
                                    5,
                                    "after-the-upgrade",
                                    JournalEntry.Kind.EDIT,
                                    null,
                                    "mara",
                                    Instant.parse("2026-06-01T10:00:00Z"),
                                    "Change the header",
                                    List.of(),
                                    List.of(change),
                                    Difference.between(site, edited))));
        }
        try (OpenedStorage again = OpenedStorage.in(folder)) {
            assertEquals(again.sites().load().site(), edited);
            assertEquals(edited.assignments(), List.of());
        }
    }

    private static List<String> firstLabels(Site site) {
        Page home = site.pages().get(Brackwater.id("Home"));
        assertEquals(home.title(), "Home");
        return SiteNavigation.of(site, Instant.EPOCH).forPage(null).in(Zone.HEADER).getFirst().rows().stream()
                .limit(3)
                .map(row -> row.label())
                .toList();
    }

    /** Rule 11, for those who published before addresses forwarded. */
    @Test
    public void addressesOfEarlierReleases_leadOn() throws IOException, SQLException {
        Path data = FormerData.inFormatOne();
        String url = OpenedStorage.url(data.toString());
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement again = connection.createStatement()) {
            again.execute("insert into release select number + 1, request || '-again', revision, person, at, note,"
                    + " replace(site, '\"slug\":\"repairs\"', '\"slug\":\"mending\"'), format from release");
        }
        try (OpenedStorage storage = OpenedStorage.in(data.toString())) {
            Past past = storage.releases().past();
            assertEquals(past.addresses().get("/repairs"), new PageId("repairs"));
            assertEquals(past.addresses().get("/repairs/engines"), new PageId("engines"));
            assertEquals(past.addresses().get("/hire"), null);
        }
        try (OpenedStorage again = OpenedStorage.in(data.toString())) {
            assertEquals(again.releases().past().addresses().size(), 13, "and once is enough");
        }
    }
}
