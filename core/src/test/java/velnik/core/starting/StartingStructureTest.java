package velnik.core.starting;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.address.AddressWriter;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.content.LinkedTexts;
import velnik.core.edit.Changes;
import velnik.core.figure.Clicks;
import velnik.core.finding.Finding;
import velnik.core.finding.Findings;
import velnik.core.html.Frame;
import velnik.core.html.VisitorHtml;
import velnik.core.html.VisitorWords;
import velnik.core.importing.ImportPlan;
import velnik.core.importing.ImportRow;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.SiteNavigation;
import velnik.core.navigation.Whereabouts;
import velnik.core.site.Device;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

public class StartingStructureTest {
    private static final Instant NOON = Instant.parse("2026-06-15T12:00:00Z");

    @DataProvider
    public Object[][] structures() {
        return StartingStructure.ALL.stream()
                .map(structure -> new Object[] {structure.id(), structure})
                .toArray(Object[][]::new);
    }

    private static Site applied(Site site, List<Change> changes) {
        return ((Outcome.Applied) Changes.applyAll(site, changes, Circumstances.NOBODY)).site();
    }

    @Test(dataProvider = "structures")
    public void structure_isAWholeSite_whoseItemsAllLeadToPages(String id, StartingStructure structure) {
        Site begun = applied(
                Site.bare(),
                List.of(
                        new Change.BeginSite(
                                "Brackwater Boatyard",
                                "",
                                ZoneId.of("Europe/London"),
                                new MenuRowId("main"),
                                new MenuRowId("main-list")),
                        new Change.AddBuiltInPages()));
        ImportPlan plan = structure.plan(begun, key -> "begin-" + key, Circumstances.NOBODY);
        assertNull(plan.refused());
        for (ImportRow row : plan.rows()) {
            assertEquals(row.verdict(), ImportRow.Verdict.ADD, row.toString());
        }
        Site site = applied(begun, plan.changes());
        assertEquals(site.pages().get(requireNonNull(site.home())).title(), "Home");
        assertEquals(site.details().look(), structure.look());

        SiteNavigation navigation = SiteNavigation.of(site, NOON, Visitor.NON_MEMBER);
        List<NavigationRow> headings =
                navigation.forPage(site.home()).in(Zone.FOOTER).getFirst().rows();
        assertTrue(headings.size() >= 2, headings.toString());
        for (NavigationRow heading : headings) {
            assertNull(heading.page());
            assertTrue(heading.rows().stream().allMatch(row -> row.page() != null), heading.toString());
        }
        assertEquals(navigation.forPage(null).in(Zone.HEADER).size(), 1);

        Map<TextHash, String> texts = new HashMap<>();
        plan.texts().forEach(text -> texts.put(TextHash.of(text), text));
        List<String> forms = new ArrayList<>();
        VisitorHtml html = new VisitorHtml(
                site,
                navigation,
                new Frame(AddressWriter.fromRoot(), VisitorWords.in("en"), List.of(), List.of(), List.of(), null));
        site.pages().walk().stream()
                .filter(row -> !row.value().kind().isBuiltIn())
                .forEach(row -> {
                    Page page = row.value();
                    assertFalse(page.summary().isEmpty(), page.title());
                    if (html.page(row.id(), requireNonNull(texts.get(requireNonNull(page.text()))))
                            .contains("<form class=\"enquiry\"")) {
                        forms.add(page.title());
                    }
                });
        assertEquals(forms, List.of(structure.asks()));
        assertEquals(
                Findings.of(
                                site,
                                navigation,
                                Whereabouts.of(site, navigation),
                                Clicks.of(site, navigation, Device.WIDE, LinkedTexts.NONE),
                                LinkedTexts.NONE)
                        .stream()
                        .filter(finding -> finding.level() != Finding.Level.HINT)
                        .toList(),
                List.of());
    }
}
