package velnik.core.compare;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.site.Reach;
import velnik.core.site.Site;

public class WaitingTest {

    @Test
    public void waiting_tellsEachPageOnce_inPlainWords() {
        SiteScript script = brackwater().publishes();
        Site live = script.site();
        script.adds("Paddleboards", "Hire")
                .movesUnder("About us", "Contact")
                .retitles("Contact", "Talk to us")
                .setsReach("Kayaks", Reach.BY_LINK_ONLY)
                .setsSlug("Prices", "what-it-costs");
        assertEquals(
                Waiting.between(live, script.site()).stream()
                        .map(Waiting.Entry::sentence)
                        .toList(),
                List.of(
                        "Kayaks is reached by link only.",
                        "Prices gets the address /hire/what-it-costs.",
                        "Paddleboards is new, under Hire.",
                        "Contact moves under About us and becomes Talk to us."));
        assertEquals(Waiting.between(live, live), List.of());
    }
}
