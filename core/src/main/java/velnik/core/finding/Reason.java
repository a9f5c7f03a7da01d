package velnik.core.finding;

import org.jspecify.annotations.Nullable;
import velnik.core.navigation.Absence;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** What was noticed. Carries the facts, and says them in a sentence to the owner. */
public sealed interface Reason {
    String sentence(Site site);

    /** A group that visitors can get, and whose address leads on to nothing. */
    record NothingOpen() implements Reason {
        @Override
        public String sentence(Site site) {
            return "Nothing under this group is open, so its address is not found.";
        }
    }

    /** An open page that no menu shows and no page lists. */
    record NothingLeadsHere() implements Reason {
        @Override
        public String sentence(Site site) {
            return "Nothing on the site leads here: no menu shows it, and no page lists it.";
        }
    }

    /** A page by link only that nothing on the site links to; perhaps its address was handed out. */
    record OnlyByAddress() implements Reason {
        @Override
        public String sentence(Site site) {
            return "Nothing on the site leads here; only who was given the address comes.";
        }
    }

    /** @param clicks the fewest from the home page along menus, on a wide screen */
    record Far(int clicks) implements Reason {
        @Override
        public String sentence(Site site) {
            return "It is " + clicks + " clicks from the home page.";
        }
    }

    /**
     * Somebody put the page into a menu that stands somewhere, and menus leave it out.
     *
     * @param menu its name
     */
    record ItemUnseen(String menu, Absence why) implements Reason {
        @Override
        public String sentence(Site site) {
            return "Its item in " + menu + " shows to nobody. " + why.sentence(site);
        }
    }

    /** @param menu the name of the one that shows it so */
    record TwiceInAPlace(String menu) implements Reason {
        @Override
        public String sentence(Site site) {
            return menu + " shows it more than once in the same place.";
        }
    }

    /** @param menu the name of the one that leads to it from the header */
    record KeptFromSearchEngines(String menu) implements Reason {
        @Override
        public String sentence(Site site) {
            return "Search engines are asked to leave it out, though " + menu + " leads to it from the header.";
        }
    }

    /** A period of the page begins while one above it is closed. */
    record OpensBefore(PageId above) implements Reason {
        @Override
        public String sentence(Site site) {
            return "Its period begins while " + site.pages().get(above).title()
                    + " above it is closed, so it opens only when that does.";
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
            String whose = item == null ? "Its period" : "The period of its item “" + item + "”";
            return whose + " changes something " + when + ", and it is not published yet.";
        }
    }

    record OverForGood() implements Reason {
        @Override
        public String sentence(Site site) {
            return "Its last day is over, so nobody sees it again.";
        }
    }
}
