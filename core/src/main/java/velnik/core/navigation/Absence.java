package velnik.core.navigation;

import java.util.Map;
import java.util.Set;
import velnik.core.site.Device;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.text.Messages;

/** Why an item shows to nobody. Carries the facts, and says them in a sentence to the owner. */
public sealed interface Absence {
    Messages WORDS = Messages.of(Absence.class);

    default String sentence(Site site) {
        return WORDS.say((Record) this);
    }

    record Hidden() implements Absence {}

    /** Something above it does not show. */
    record Beneath(String label) implements Absence {}

    record PageGone(PageId page) implements Absence {
        @Override
        public String sentence(Site site) {
            return WORDS.say(site.findRemoved(page).isPresent() ? "PageGone.bin" : "PageGone.gone");
        }
    }

    /** @param by the page itself, or the one above it that holds it back */
    record PageHeldBack(PageId page, PageId by) implements Absence {
        @Override
        public String sentence(Site site) {
            return by.equals(page)
                    ? WORDS.say("PageHeldBack.itself")
                    : WORDS.say(
                            "PageHeldBack.above",
                            Map.of("above", site.pages().get(by).title()));
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
                    ? WORDS.say("PageClosed.itself", this)
                    : WORDS.say(
                            "PageClosed.above",
                            Map.of("until", until, "above", site.pages().get(by).title()));
        }
    }

    /** @param again when it shows again, in words; empty for never */
    record OutsidePeriods(String again) implements Absence {
        @Override
        public String sentence(Site site) {
            return WORDS.say(again.isEmpty() ? "OutsidePeriods.over" : "OutsidePeriods.again", this);
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
            return WORDS.say(
                    own.size() > 1
                            ? "ForNobody.all"
                            : own.contains(Visitor.MEMBER) ? "ForNobody.members" : "ForNobody.others");
        }
    }

    /** @param own what the item is for; what is above it, or under it, shows on the other device */
    record ForNoDevice(Device own) implements Absence {
        @Override
        public String sentence(Site site) {
            return WORDS.say(own == Device.PHONE ? "ForNoDevice.phone" : "ForNoDevice.wide");
        }
    }

    /** The details of the business do not say it. */
    record BusinessUnsaid() implements Absence {}

    record FileGone() implements Absence {}

    /** The page whose form it shows has none. */
    record NoForm(PageId page) implements Absence {
        @Override
        public String sentence(Site site) {
            return WORDS.say("NoForm", Map.of("title", site.pages().get(page).title()));
        }
    }

    record GroupEmpty() implements Absence {}

    record NothingUnder() implements Absence {}

    record NothingListed() implements Absence {}

    record MenuSetAside(MenuRowId menu) implements Absence {
        @Override
        public String sentence(Site site) {
            String name = site.menus().find(menu).orElse(null) instanceof MenuRow.Menu aside ? aside.name() : "";
            return WORDS.say("MenuSetAside", Map.of("name", name));
        }
    }

    record MenuGone(MenuRowId menu) implements Absence {
        @Override
        public String sentence(Site site) {
            return WORDS.say(site.findRemoved(menu).isPresent() ? "MenuGone.bin" : "MenuGone.gone");
        }
    }

    /** An item among the rows of a list, under a row that does not come out. */
    record RowGone() implements Absence {}
}
