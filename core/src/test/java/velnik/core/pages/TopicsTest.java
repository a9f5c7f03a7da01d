package velnik.core.pages;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Refusal;
import velnik.core.change.SortingChange;
import velnik.core.compare.Difference;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.core.undo.Undoing;

/** Topics renamed, merged and removed, each as one change. */
public class TopicsTest {
    private static final String TIDE_NOTES = "tide notes";

    private static long having(SiteScript script, String topic) {
        return script.site().pages().walk().stream()
                .filter(page -> page.value().topics().contains(topic))
                .count();
    }

    @Test
    public void topicRenamed_isCalledSoWhereverItIsNamed_andIsOneUndo() {
        SiteScript script = brackwater().assigns(Zone.SIDEBAR, new Scope.OfTopic(TIDE_NOTES), "Footer");
        Site before = script.site();
        long pages = having(script, TIDE_NOTES);
        String shown = script.sees("Home", Zone.HEADER);
        script.does(new SortingChange.RenameTopic(TIDE_NOTES, " Tides "))
                .says("The topic tide notes is now called Tides, on " + pages + " pages.");
        assertEquals(having(script, "Tides"), pages);
        assertEquals(having(script, TIDE_NOTES), 0);
        assertEquals(script.sees("Home", Zone.HEADER), shown, "the list of its pages shows the same");
        assertEquals(
                script.site().assignments().stream()
                        .filter(each -> each.scope().equals(new Scope.OfTopic("Tides")))
                        .count(),
                1);
        assertEquals(
                Undoing.undo(script.site(), Difference.between(before, script.site())),
                new Undoing.Result.Undone(before));
    }

    @Test
    public void topicMerged_givesItsPagesToTheOther_whoseZonesStay() {
        SiteScript script = brackwater()
                .assigns(Zone.SIDEBAR, new Scope.OfTopic(TIDE_NOTES), "Footer")
                .assigns(Zone.SIDEBAR, new Scope.OfTopic("workshop"), "Short");
        long all = having(script, TIDE_NOTES) + having(script, "workshop");
        script.does(new SortingChange.RenameTopic("workshop", "TIDE notes"));
        assertEquals(having(script, TIDE_NOTES), all);
        assertEquals(
                script.told().getFirst(),
                "1 exception in the zones goes with it.",
                script.told().toString());
        script.does(new SortingChange.RenameTopic(TIDE_NOTES, "Tide Notes"));
        assertEquals(having(script, "Tide Notes"), all, "its own case alone may change");
    }

    @Test
    public void topicRemoved_leavesNothingOfIt_andItsListsEmpty() {
        SiteScript script = brackwater();
        script.puts(ItemKind.PageList.of(new ListSource.OfTopic("workshop"), 1), "", script.menu("Footer"));
        long pages = having(script, "workshop");
        script.does(new SortingChange.RemoveTopic("workshop"))
                .says("The topic workshop is removed from " + pages + " pages.")
                .notices(
                        "Its listing, /page-index/workshop, says that it is gone once you publish.",
                        "1 list in the menus has nothing to show now.");
        assertEquals(having(script, "workshop"), 0);
    }

    @Test
    public void pageRestored_hasTheTopicByTheNameItHasNow() {
        SiteScript script = brackwater();
        script.does(new SortingChange.SetTopics(List.of(script.page("Canoes")), Set.of("boats"), Set.of()))
                .removes("Canoes");
        script.adds("Dinghies", "Hire")
                .does(new SortingChange.SetTopics(List.of(script.page("Dinghies")), Set.of("boats"), Set.of()));
        script.does(new SortingChange.RenameTopic("boats", "craft")).restores("gone-0");
        assertEquals(script.site().pages().get(script.page("Canoes")).topics(), Set.of("craft"));
    }

    @Test
    public void topicThatIsNot_orCannotBe_isRefused_andNothingChanged() {
        SiteScript script = brackwater();
        script.refuses(new SortingChange.RenameTopic("nobody's", "x"), Refusal.TopicUnknown.class);
        script.refuses(new SortingChange.RemoveTopic("nobody's"), Refusal.TopicUnknown.class);
        script.refuses(new SortingChange.RenameTopic("workshop", "  "), Refusal.TopicMalformed.class);
        script.refuses(new SortingChange.RenameTopic("workshop", "x".repeat(61)), Refusal.TopicMalformed.class);
    }
}
