package velnik.core.telling;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.change.SortingChange;
import velnik.core.site.Joining;
import velnik.core.site.LayoutId;
import velnik.core.site.MenuRowId;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;

public class WaitingTest {

    @Test
    public void waiting_tellsEachPageOnce_inPlainWords() {
        SiteScript script = brackwater().publishes();
        Site live = script.site();
        script.adds("Paddleboards", "Hire")
                .movesUnder("About us", "Contact")
                .retitles("Contact", "Talk to us")
                .setsReach("Kayaks", Reach.BY_LINK_ONLY)
                .setsSlug("Prices", "what-it-costs")
                .keepsForMembers("Find us")
                .does(new Change.SetMembersOnly(List.of(script.page("Members' handbook")), false));
        assertEquals(
                Waiting.between(live, script.site()).stream()
                        .map(Waiting.Entry::sentence)
                        .toList(),
                List.of(
                        "Kayaks can be reached by link only.",
                        "Prices gets the address /hire/what-it-costs.",
                        "Paddleboards is new, under Hire.",
                        "Contact moves under About us and becomes Talk to us.",
                        "Find us is for members only.",
                        "Members' handbook is for everyone."));
        assertEquals(Waiting.between(live, live), List.of());
    }

    @Test
    public void waiting_tellsOfMenus_andOfWhereTheyStand() {
        SiteScript script = brackwater().publishes();
        Site live = script.site();
        script.addsMenu("Spring").putsPage("Canoes", script.menu("Spring"));
        script.removes(script.menu("Winter"));
        script.putsPage("Kayaks", script.menu("Short")).sets(new MenuRowId("short-contact"), ItemEdit.label("Ring us"));
        script.assigns(Zone.SIDEBAR, new Scope.Section(script.page("Hire")), "Spring");
        script.does(new MenuChange.AssignMenus(Zone.HEADER, new Scope.OfLayout(LayoutId.LANDING), null));
        script.does(new SortingChange.SetLayout(List.of(script.page("Contact")), LayoutId.WIDE));
        assertEquals(
                sorted(live, script.site()),
                List.of(
                        "Contact gets the layout wide.",
                        "The header of pages of the layout landing has no exception now.",
                        "The menu Short: 1 item more, 1 item changed.",
                        "The menu Spring is new, with 1 item.",
                        "The menu Winter is removed.",
                        "The sidebar of Hire and what is under it shows Spring."));
    }

    /** A lock, how new items begin, and which pages joined a menu are nothing that visitors notice, so nothing that waits. */
    @Test
    public void waiting_tellsWhatHappenedToAMenuItself() {
        SiteScript script = brackwater()
                .lets("Short", new Joining.From.TopLevel(), Joining.Spot.AT_END)
                .publishes();
        Site live = script.site();
        script.adds("Paddleboards", null).removes("Paddleboards");
        script.removes(script.joined("Short").getFirst());
        script.does(new Change.SetLock(List.of(script.page("Canoes")), true))
                .does(new MenuChange.SetNewItems(script.menu("Short"), ItemEdit.hidden(true)));
        assertEquals(Waiting.between(live, script.site()), List.of());
        script.does(new MenuChange.RenameMenu(script.menu("Short"), "Brief"))
                .does(new MenuChange.SetAside(List.of(script.menu("Brief")), true))
                .lets("Brief", new Joining.From.Everywhere(), Joining.Spot.AT_END)
                .does(new MenuChange.MoveMenus(List.of(script.menu("Tides")), null));
        assertEquals(
                sorted(live, script.site()),
                List.of(
                        "The menu Short: now called Brief, set aside, other new pages join it.",
                        "The menu Tides: moved among the menus."));
    }

    private static List<String> sorted(Site live, Site working) {
        return Waiting.between(live, working).stream()
                .map(Waiting.Entry::sentence)
                .sorted()
                .toList();
    }
}
