package velnik.core.change;

import velnik.core.site.Limits;
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
}
