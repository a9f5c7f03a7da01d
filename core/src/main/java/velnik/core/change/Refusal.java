package velnik.core.change;

import velnik.core.site.Limits;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;

/** Why a change was not made. Carries the facts, and says them in a sentence to the owner. */
public sealed interface Refusal {
    String sentence();

    record TitleEmpty() implements Refusal {
        @Override
        public String sentence() {
            return "A page needs a title. Type at least one letter.";
        }
    }

    record TitleTooLong(int length, int limit) implements Refusal {
        @Override
        public String sentence() {
            return "This title has " + length + " characters; the limit is " + limit + ".";
        }
    }

    record SlugMalformed(String typed, String suggestion) implements Refusal {
        @Override
        public String sentence() {
            return "An address is made of small letters, digits and single hyphens, at most " + Limits.SLUG
                    + " of them. “" + suggestion + "” would do.";
        }
    }

    record SlugTaken(String slug, PageId holder, String holderTitle) implements Refusal {
        @Override
        public String sentence() {
            return "The page " + holderTitle + " has the address “" + slug + "” already.";
        }
    }

    record SlugReserved(String slug) implements Refusal {
        @Override
        public String sentence() {
            return "The site itself answers at “/" + slug + "”. Choose another address.";
        }
    }

    record BuiltInStays(String title) implements Refusal {
        @Override
        public String sentence() {
            return title + " is a built-in page, which every site has; it cannot be removed.";
        }
    }

    record NotFoundStaysOpen(String title) implements Refusal {
        @Override
        public String sentence() {
            return "Visitors get " + title + " wherever there is no page, so it is always there.";
        }
    }

    record SignInStaysOpen(String title) implements Refusal {
        @Override
        public String sentence() {
            return "Members come in by " + title + ", so it is always open.";
        }
    }

    record TopicUnknown(String topic) implements Refusal {
        @Override
        public String sentence() {
            return "No page has the topic " + topic + ", so it has no listing.";
        }
    }

    record NothingUnderBuiltIn(String title) implements Refusal {
        @Override
        public String sentence() {
            return "Nothing goes under " + title + ", since it is a built-in page.";
        }
    }

    record PageUnknown(String page) implements Refusal {
        @Override
        public String sentence() {
            return "That page is no longer there.";
        }
    }

    record IdTaken(PageId id) implements Refusal {
        @Override
        public String sentence() {
            return "That page was added already.";
        }
    }

    record NothingNamed() implements Refusal {
        @Override
        public String sentence() {
            return "No page is chosen.";
        }
    }

    record SiblingElsewhere(PageId after) implements Refusal {
        @Override
        public String sentence() {
            return "The page to stand after is not there any more.";
        }
    }

    record UnderItself(String title) implements Refusal {
        @Override
        public String sentence() {
            return title + " cannot stand under itself.";
        }
    }

    record TooDeep(int level, int limit) implements Refusal {
        @Override
        public String sentence() {
            return "That would make " + level + " levels; the limit is " + limit + ".";
        }
    }

    record TooManyPages(int count, int limit) implements Refusal {
        @Override
        public String sentence() {
            return "That would make " + count + " pages; the limit is " + limit + ".";
        }
    }

    record HomeStaysOpen(String title) implements Refusal {
        @Override
        public String sentence() {
            return title + " is the home page, and the home page is always open.";
        }
    }

    record TooManyPeriods(int count, int limit) implements Refusal {
        @Override
        public String sentence() {
            return "A page or an item has at most " + limit + " periods; these are " + count + ".";
        }
    }

    record DayOutOfRange(String day) implements Refusal {
        @Override
        public String sentence() {
            return "A day is between 1 January 1900 and 31 December 2999; " + day + " is not.";
        }
    }

    record ShowsNowhere() implements Refusal {
        @Override
        public String sentence() {
            return "An item shows to some visitors, on some device. To show it to nobody, hide it.";
        }
    }

    record PeriodBackwards() implements Refusal {
        @Override
        public String sentence() {
            return "A period ends on or after the day it begins.";
        }
    }

    record SiteBegun() implements Refusal {
        @Override
        public String sentence() {
            return "This site was begun already.";
        }
    }

    record DetailsMalformed(String name, String address) implements Refusal {
        @Override
        public String sentence() {
            return "A site has a name of at most " + Limits.TITLE
                    + " characters, and an address like https://brackwater.example.";
        }
    }

    /** A later change stands on the one to undo. */
    record BuiltUpon(String title) implements Refusal {
        @Override
        public String sentence() {
            return title + " was changed again since, so this cannot be taken back alone.";
        }
    }

    record NothingToUndo() implements Refusal {
        @Override
        public String sentence() {
            return "There is nothing to undo.";
        }
    }

    record NothingToRedo() implements Refusal {
        @Override
        public String sentence() {
            return "There is nothing to redo.";
        }
    }

    record MenuUnknown(String menu) implements Refusal {
        @Override
        public String sentence() {
            return "That menu is no longer there.";
        }
    }

    record ItemUnknown(String item) implements Refusal {
        @Override
        public String sentence() {
            return "That item is no longer there.";
        }
    }

    record MenuRowTaken(MenuRowId id) implements Refusal {
        @Override
        public String sentence() {
            return "That was added already.";
        }
    }

    record RowElsewhere(MenuRowId after) implements Refusal {
        @Override
        public String sentence() {
            return "The item to stand after is not there any more.";
        }
    }

    record NameEmpty() implements Refusal {
        @Override
        public String sentence() {
            return "A menu needs a name. Visitors never see it.";
        }
    }

    record NameTaken(String name) implements Refusal {
        @Override
        public String sentence() {
            return "Another menu is called " + name + ". Choose another name, so that you can tell them apart.";
        }
    }

    record LabelEmpty() implements Refusal {
        @Override
        public String sentence() {
            return "A heading or text needs words. Type at least one letter.";
        }
    }

    record TooManyMenus(int count, int limit) implements Refusal {
        @Override
        public String sentence() {
            return "That would make " + count + " menus; the limit is " + limit + ".";
        }
    }

    record TooManyItems(String menu, int count, int limit) implements Refusal {
        @Override
        public String sentence() {
            return menu + " would have " + count + " items; the limit is " + limit + ".";
        }
    }

    record MenuInItself(String menu) implements Refusal {
        @Override
        public String sentence() {
            return menu + " would show itself, through the menus in it, without end.";
        }
    }

    record LinkRefused(String sentence) implements Refusal {}

    /** An item is no list, or its list has no such row. */
    record NoSuchRow(String item) implements Refusal {
        @Override
        public String sentence() {
            return "That row is not in the list any more.";
        }
    }

    record ListOfVisited() implements Refusal {
        @Override
        public String sentence() {
            return "This list differs from page to page, so it cannot become ordinary items.";
        }
    }

    record IconUnknown(String icon) implements Refusal {
        @Override
        public String sentence() {
            return "There is no icon called “" + icon + "”.";
        }
    }

    record MenuTwice(String menu) implements Refusal {
        @Override
        public String sentence() {
            return menu + " stands there twice. A menu stands once in a zone.";
        }
    }

    /** Another assignment for single pages names one of these pages already. */
    record ScopeOverlaps(String page) implements Refusal {
        @Override
        public String sentence() {
            return "For " + page + " this zone says something else already. Change that, or leave the page out here.";
        }
    }

    record NothingWidens() implements Refusal {
        @Override
        public String sentence() {
            return "Everywhere is the widest there is, so nothing can stand before or after it.";
        }
    }

    record HomeStays(String title) implements Refusal {
        @Override
        public String sentence() {
            return title + " is the home page, and a site keeps its home page.";
        }
    }

    /** @param others how many more of those that would go are locked */
    record PageLocked(String title, int others) implements Refusal {
        @Override
        public String sentence() {
            return others == 0
                    ? title + " is locked, so it stays. Unlock it before you remove it."
                    : title + " and " + others + " more are locked, so they stay. Unlock them before you remove them.";
        }
    }

    record RemovedAlready() implements Refusal {
        @Override
        public String sentence() {
            return "That was removed already.";
        }
    }

    record NotInMenu(String title, String menu) implements Refusal {
        @Override
        public String sentence() {
            return title + " is not in " + menu + ".";
        }
    }

    /** It stands there because something else does, and can only be taken out with that. */
    record StandsThrough(String title, String through) implements Refusal {
        @Override
        public String sentence() {
            return title + " stands there through " + through + ". Take it out there.";
        }
    }

    record NotInBin(String removal) implements Refusal {
        @Override
        public String sentence() {
            return "That is no longer in the bin.";
        }
    }

    /** An item cannot come back where its menu is not. */
    record MenuInBin(String menu) implements Refusal {
        @Override
        public String sentence() {
            return "The menu " + menu + " is not there. Put it back first.";
        }
    }

    record TopicMalformed(int length, int limit) implements Refusal {
        @Override
        public String sentence() {
            return length == 0
                    ? "A topic is a word or two. Type at least one letter."
                    : "This topic has " + length + " characters; the limit is " + limit + ".";
        }
    }
}
