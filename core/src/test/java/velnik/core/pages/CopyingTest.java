package velnik.core.pages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.change.Refusal;
import velnik.core.outline.Branch;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/** Copies of pages. */
public class CopyingTest {

    private static Change copy(PageId page, boolean subpages, boolean content, String... titles) {
        return new Change.CopyPages(page, List.of(titles), subpages, content, false, "copy" + (content ? "" : "-bare"));
    }

    private static List<String> under(Site site, PageId parent) {
        return site.pages().childrenOf(parent).stream()
                .map(Branch::value)
                .map(Page::title)
                .toList();
    }

    @Test
    public void copies_standAfterTheOriginal_heldBack_withAddressesOfTheirOwn_andNoItems() {
        SiteScript script = brackwater().publishes();
        String header = script.sees("Home", Zone.HEADER);
        script.does(copy(script.page("Canoes"), false, true, "Canoes", "Canoes for four"))
                .says("Canoes is copied 2 times: 2 pages are new, held back until you open them.");
        assertEquals(
                under(script.site(), script.page("Hire")).subList(0, 4),
                List.of("Canoes", "Canoes", "Canoes for four", "Kayaks"));
        Page first = script.site().pages().get(new PageId("copy-0"));
        Page original = script.site().pages().get(script.page("Canoes"));
        assertEquals(
                first, original.with().reach(Reach.HELD_BACK).slug("canoes-2").build());
        assertEquals(script.sees("Home", Zone.HEADER), header);
    }

    @Test
    public void branch_isCopied_withAllItHas_orWithoutItsContent() {
        SiteScript script = brackwater();
        script.does(copy(script.page("Engines"), true, false, "Motors"));
        script.addressIs("Motors", "/repairs/motors");
        assertEquals(under(script.site(), script.page("Motors")), under(script.site(), script.page("Engines")));
        for (Branch<PageId, Page> row : script.site().pages().walk(script.page("Motors"))) {
            assertEquals(row.value().text(), null);
            assertEquals(row.value().summary(), "");
            assertFalse(row.value().locked());
        }
        script.does(copy(script.page("Safety on the tide"), false, true, "Safety on the ebb"));
        assertFalse(script.site().pages().get(script.page("Safety on the ebb")).locked());
    }

    /** Every site has each of them once. */
    @Test
    public void builtInPagesBeneath_areNotCopied() {
        SiteScript script = brackwater();
        PageId hire = script.page("Hire");
        script.does(new Change.MovePages(
                        List.of(script.page("Search")), script.site().pages().endOf(hire)))
                .does(copy(hire, true, true, "Sale"));
        assertFalse(under(script.site(), script.page("Sale")).contains("Search"));
        assertTrue(under(script.site(), hire).contains("Search"));
        assertTrue(under(script.site(), script.page("Sale")).contains("Canoes"));
    }

    @Test
    public void itemsAreCopied_ifAsked_eachRightAfterTheOriginals_followingTheNewTitle() {
        SiteScript script = brackwater();
        int items = script.site().menus().size();
        script.sets(
                script.puts(new ItemKind.ToPage(script.page("Hire"), 0), "Boats", script.menu("Footer"))
                        .latest(),
                ItemEdit.of(edit -> edit.farEnd(true)));
        script.does(new Change.CopyPages(script.page("Hire"), List.of("Sale", "Swap"), false, true, true, "c"));
        script.setsReach("Sale", Reach.OPEN);
        String footer = script.sees("Home", Zone.FOOTER);
        assertTrue(footer.contains("Boats, Sale"), footer);
        MenuRow.Item copied = script.site().menus().walk(script.menu("Footer")).stream()
                .flatMap(row -> row.value() instanceof MenuRow.Item item
                                && item.kind().equals(new ItemKind.ToPage(new PageId("c-1"), 0))
                        ? Stream.of(item)
                        : Stream.empty())
                .reduce((first, last) -> last)
                .orElseThrow();
        assertTrue(copied.appearance().farEnd(), "with the same look");
        assertTrue(script.site().menus().size() >= items + 3);
    }

    @Test
    public void copies_thatCannotBe_areRefused() {
        SiteScript script = brackwater();
        script.refuses(
                copy(Site.idOfBuiltIn(velnik.core.site.PageKind.SEARCH), false, true, "Find"),
                Refusal.BuiltInAlone.class,
                "Search is a built-in page; a site has exactly one of it.");
        script.refuses(copy(script.page("Canoes"), false, true), Refusal.NothingNamed.class);
        script.refuses(copy(script.page("Canoes"), false, true, "Good", " "), Refusal.TitleEmpty.class);
        script.refuses(copy(new PageId("never"), false, true, "Good"), Refusal.PageUnknown.class);
        script.refuses(
                new Change.CopyPages(
                        script.page("Repairs"), Collections.nCopies(1_700, "Again"), true, true, true, "many"),
                Refusal.TooManyPages.class);
        script.does(copy(script.page("Canoes"), false, true, "Once"));
        script.refuses(copy(script.page("Canoes"), false, true, "Once"), Refusal.IdTaken.class);
    }
}
