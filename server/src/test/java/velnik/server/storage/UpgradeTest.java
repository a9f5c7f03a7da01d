package velnik.server.storage;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
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
import org.flywaydb.core.Flyway;
import org.testng.annotations.Test;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.MenuChange;
import velnik.core.change.Outcome;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Outline;
import velnik.core.sample.Brackwater;
import velnik.core.site.Appearance;
import velnik.core.site.EnquiryForm;
import velnik.core.site.FileId;
import velnik.core.site.LayoutId;
import velnik.core.site.MenuRow;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Past;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.core.site.WhenClosed;
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

    /** Every column that a page had, when each field was kept in one; also where turning them was stopped halfway. */
    @Test
    public void pagesInColumns_areReadWithAllTheyHave() throws IOException, SQLException {
        Path data = Files.createTempDirectory("velnik-columns");
        String url = OpenedStorage.url(data.toString());
        Flyway.configure()
                .dataSource(url, "sa", "")
                .target("21")
                .javaMigrations(StoredForms.migrations())
                .load()
                .migrate();
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement filling = connection.createStatement()) {
            filling.execute("update site set home = 'hire'");
            filling.execute("insert into page (id, kind, title, slug, slug_follows, reach, kept_from_search_engines,"
                    + " layout, summary) values ('hire', 'PAGE', 'Hire', 'hire', true, 'OPEN', false, 'STANDARD', '')");
            filling.execute("insert into page (id, parent_id, kind, title, slug, slug_follows, reach, members_only,"
                    + " kept_from_search_engines, layout, summary, search_title, search_description, topics, date,"
                    + " picture, text_hash, form, periods, when_closed, locked, model) values ('canoes', 'hire', 'PAGE',"
                    + " 'Canoes “by day”', 'canoes', false, 'BY_LINK_ONLY', true, true, 'wide', 'By the tide', 'Canoe hire',"
                    + " 'On the Brack', '[\"tide\",\"boats\"]', date '2026-05-01', 'skiff', '" + "a1".repeat(32) + "',"
                    + " '{\"fields\":[{\"kind\":\"NAME\",\"label\":\"Name\",\"required\":true,\"choices\":[]}]}',"
                    + " '[{\"is\":\"once\",\"first\":\"2026-04-01\",\"last\":\"+999999999-12-31\",\"opensAt\":null,"
                    + "\"closesAt\":\"10:00\"}]', 'OPENS_AGAIN', true, true)");
        }
        Page hire = Page.plain(PageKind.PAGE, "Hire", "hire", true);
        Page canoes = new Page(
                PageKind.PAGE,
                "Canoes “by day”",
                "canoes",
                false,
                Reach.BY_LINK_ONLY,
                true,
                true,
                new LayoutId("wide"),
                "By the tide",
                "Canoe hire",
                "On the Brack",
                Set.of("boats", "tide"),
                LocalDate.parse("2026-05-01"),
                new FileId("skiff"),
                new TextHash("a1".repeat(32)),
                new EnquiryForm(List.of(new EnquiryForm.Field(EnquiryForm.Kind.NAME, "Name", true, List.of()))),
                List.of(Period.once(LocalDate.parse("2026-04-01"), null)),
                WhenClosed.OPENS_AGAIN,
                true,
                true);
        for (String stopped : List.of(
                "alter table page rename to page_in_columns; create table page (id varchar(60))",
                "delete from \"flyway_schema_history\" where \"installed_rank\" >="
                        + " (select \"installed_rank\" from \"flyway_schema_history\" where \"version\" = '22')",
                "select 1")) {
            try (Connection connection = DriverManager.getConnection(url, "sa", "");
                    Statement stopping = connection.createStatement()) {
                stopping.execute(stopped);
            }
            try (OpenedStorage storage = OpenedStorage.in(data.toString())) {
                assertEquals(
                        storage.sites().load().site().pages(),
                        Outline.of(List.of(
                                new Outline.Entry<>(new PageId("hire"), null, hire),
                                new Outline.Entry<>(new PageId("canoes"), new PageId("hire"), canoes))));
            }
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
