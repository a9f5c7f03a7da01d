package velnik.core.finding;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import velnik.core.navigation.Absence;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.text.Messages;

/** What was noticed. Carries the facts, and says them in a sentence to the owner. */
public sealed interface Reason {
    Messages WORDS = Messages.of(Reason.class);

    default String sentence(Site site) {
        return WORDS.say((Record) this);
    }

    /** A group that visitors can get, and whose address leads on to nothing. */
    record NothingOpen() implements Reason {}

    /** An open page that no menu shows and no page lists. */
    record NothingLeadsHere() implements Reason {}

    /** A page by link only that nothing on the site links to; perhaps its address was handed out. */
    record OnlyByAddress() implements Reason {}

    /** @param clicks the fewest from the home page along menus, on a wide screen */
    record Far(int clicks) implements Reason {}

    /**
     * Somebody put the page into a menu that stands somewhere, and menus leave it out.
     *
     * @param menu its name
     */
    record ItemUnseen(String menu, Absence why) implements Reason {
        @Override
        public String sentence(Site site) {
            return WORDS.say("ItemUnseen", Map.of("menu", menu, "why", why.sentence(site)));
        }
    }

    /** @param menu the name of the one that shows it so */
    record TwiceInAPlace(String menu) implements Reason {}

    /** @param menu the name of the one that leads to it from the header */
    record KeptFromSearchEngines(String menu) implements Reason {}

    /** A period of the page begins while one above it is closed. */
    record OpensBefore(PageId above) implements Reason {
        @Override
        public String sentence(Site site) {
            return WORDS.say(
                    "OpensBefore", Map.of("above", site.pages().get(above).title()));
        }
    }

    /**
     * A period that begins or ends soon, and that visitors do not have yet.
     *
     * @param when in words
     * @param item the label of the item that has it; null for the page itself
     */
    record PeriodWaits(String when, @Nullable String item) implements Reason {
        @Override
        public String sentence(Site site) {
            return item == null
                    ? WORDS.say("PeriodWaits.itself", this)
                    : WORDS.say("PeriodWaits.item", Map.of("when", when, "item", item));
        }
    }

    record LinkGone() implements Reason {}

    /** Its text has a place for an enquiry form, and the page has none. */
    record FormMissing() implements Reason {}

    /**
     * @param to the page that has no such place
     * @param name of the place
     */
    record PlaceGone(PageId to, String name) implements Reason {
        @Override
        public String sentence(Site site) {
            return WORDS.say("PlaceGone", Map.of("to", site.pages().get(to).title(), "name", name));
        }
    }

    /**
     * An item leads to a place that the page does not have.
     *
     * @param menu the name of the item's menu
     */
    record ItemPlaceGone(String menu, String item, String name) implements Reason {}

    /** A picture or a file that its text or its card names. */
    record FileGone() implements Reason {}

    /** @param name of a picture that the page shows */
    record PictureUnsaid(String name) implements Reason {}

    record LinkUnseen(PageId to) implements Reason {
        @Override
        public String sentence(Site site) {
            return WORDS.say("LinkUnseen", Map.of("to", site.pages().get(to).title()));
        }
    }

    record OverForGood() implements Reason {}
}
