package velnik.core.navigation;

import java.util.Set;
import velnik.core.site.Device;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** Why an item shows to nobody. Carries the facts, and says them in a sentence to the owner. */
public sealed interface Absence {
    String sentence(Site site);

    record Hidden() implements Absence {
        @Override
        public String sentence(Site site) {
            return "Hidden by you.";
        }
    }

    /** Something above it does not show. */
    record Beneath(String label) implements Absence {
        @Override
        public String sentence(Site site) {
            return label + " above it does not show.";
        }
    }

    record PageGone(PageId page) implements Absence {
        @Override
        public String sentence(Site site) {
            return site.findRemoved(page).isPresent() ? "Its page is in the bin." : "Its page is gone.";
        }
    }

    /** @param by the page itself, or the one above it that holds it back */
    record PageHeldBack(PageId page, PageId by) implements Absence {
        @Override
        public String sentence(Site site) {
            return by.equals(page)
                    ? "Its page is held back."
                    : "Its page is held back, because " + site.pages().get(by).title() + " above it is.";
        }
    }

    /**
     * @param by the page outside its periods, itself or one above it
     * @param until how long, in words
     */
    record PageClosed(PageId page, PageId by, String until) implements Absence {
        @Override
        public String sentence(Site site) {
            return by.equals(page)
                    ? "Its page is closed " + until + "."
                    : "Its page is closed " + until + ", because "
                            + site.pages().get(by).title() + " above it is closed.";
        }
    }

    /** @param again when it shows again, in words; empty for never */
    record OutsidePeriods(String again) implements Absence {
        @Override
        public String sentence(Site site) {
            return again.isEmpty() ? "Its last day is over." : "Shows from " + again + " on.";
        }
    }

    /**
     * Those it is for, those who can get its page, and those who see what is above it are nobody together.
     *
     * @param own whom the item is for
     */
    record ForNobody(Set<Visitor> own) implements Absence {
        @Override
        public String sentence(Site site) {
            if (own.size() > 1) {
                return "It is for members, and what is above it is for other visitors.";
            }
            return own.contains(Visitor.MEMBER)
                    ? "It is for members, and what is above or under it is for other visitors."
                    : "It is for visitors who are not members, and its page, or what is above or under it, is for members.";
        }
    }

    /** @param own what the item is for; what is above it, or under it, shows on the other device */
    record ForNoDevice(Device own) implements Absence {
        @Override
        public String sentence(Site site) {
            return own == Device.PHONE
                    ? "It is for phones, and what is above it is for wide screens."
                    : "It is for wide screens, and what is above it is for phones.";
        }
    }

    record PageByLinkOnly() implements Absence {
        @Override
        public String sentence(Site site) {
            return "Its page is by link only, and menus leave such pages out.";
        }
    }

    record GroupEmpty() implements Absence {
        @Override
        public String sentence(Site site) {
            return "Nothing under this group is open.";
        }
    }

    record NothingUnder() implements Absence {
        @Override
        public String sentence(Site site) {
            return "A heading shows once something under it does.";
        }
    }

    record NothingListed() implements Absence {
        @Override
        public String sentence(Site site) {
            return "The list comes out empty.";
        }
    }

    record MenuSetAside(MenuRowId menu) implements Absence {
        @Override
        public String sentence(Site site) {
            return (site.menus().find(menu).orElse(null) instanceof MenuRow.Menu aside ? aside.name() : "That menu")
                    + " is set aside.";
        }
    }

    record MenuGone(MenuRowId menu) implements Absence {
        @Override
        public String sentence(Site site) {
            return site.findRemoved(menu).isPresent() ? "That menu is in the bin." : "That menu is gone.";
        }
    }

    /** An item among the rows of a list, under a row that does not come out. */
    record RowGone() implements Absence {
        @Override
        public String sentence(Site site) {
            return "The row it stands under is not in the list now.";
        }
    }
}
