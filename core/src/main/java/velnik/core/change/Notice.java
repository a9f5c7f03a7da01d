package velnik.core.change;

import java.util.List;
import java.util.Map;
import java.util.SequencedMap;
import velnik.core.explanation.Words;
import velnik.core.site.Zone;
import velnik.core.text.Messages;

/** Something that comes of a change beside what was asked. */
public sealed interface Notice {
    Messages WORDS = Messages.of(Notice.class);

    default String sentence() {
        return WORDS.say((Record) this);
    }

    /** @param published how many of them visitors know already */
    record AddressesChange(int count, int published) implements Notice {
        @Override
        public String sentence() {
            return WORDS.say(
                    published == 0
                            ? "AddressesChange.new"
                            : published == count ? "AddressesChange.all" : "AddressesChange.some",
                    this);
        }
    }

    /** After the first of many notices of one kind. */
    record AndMore(int count) implements Notice {}

    /** A slug that was free before is taken where the page stands now. */
    record SlugAdapted(String title, String slug) implements Notice {}

    /** The title changed, the slug did not, since visitors may know the address. */
    record SlugKept(String slug, String suggestion) implements Notice {}

    /** @param titles of those that visitors could get until now */
    record SubpagesVanish(List<String> titles) implements Notice {
        public SubpagesVanish {
            titles = List.copyOf(titles);
        }

        @Override
        public String sentence() {
            return WORDS.say("SubpagesVanish", SomeTitles.facts(titles));
        }
    }

    /** @param titles of those that lists showed until now */
    record SubpagesUnlisted(List<String> titles) implements Notice {
        public SubpagesUnlisted {
            titles = List.copyOf(titles);
        }

        @Override
        public String sentence() {
            return WORDS.say("SubpagesUnlisted", SomeTitles.facts(titles));
        }
    }

    record SubpagesForMembers(int count) implements Notice {}

    /** A page got periods, and nobody can see it in them either. */
    record StillHeldBack(String title) implements Notice {}

    /**
     * Pages that were made, or made open, came into menus that take new pages in.
     *
     * @param items how many items each menu has more, by its name
     */
    record Joined(SequencedMap<String, Integer> items) implements Notice {
        @Override
        public String sentence() {
            return WORDS.say(
                    "Joined",
                    Map.of(
                            "all",
                            items.values().stream().mapToInt(Integer::intValue).sum(),
                            "menus",
                            items.entrySet().stream()
                                    .map(menu -> WORDS.say(
                                            "Joined.menu", Map.of("menu", menu.getKey(), "count", menu.getValue())))
                                    .toList()));
        }
    }

    /** A menu that is full took no more of the pages that would have joined it. */
    record CouldNotJoin(String menu, int pages, int limit) implements Notice {}

    /** Items that had labels of their own went into the bin with them. */
    record LabelsWent(List<String> labels) implements Notice {
        public LabelsWent {
            labels = List.copyOf(labels);
        }

        @Override
        public String sentence() {
            return WORDS.say("LabelsWent", Map.of("labels", labels, "count", labels.size()));
        }
    }

    /** An item leads to a page that is held back. */
    record PlacedUnseen(String title) implements Notice {}

    /** An item leads to a page by link only, which nothing shows that fills itself. */
    record PlacedByHandOnly(String title) implements Notice {}

    /**
     * Which items take a page's new title, and which keep a label of their own.
     *
     * @param menus names of the menus whose items follow
     */
    record ItemsFollow(List<String> menus, int keep) implements Notice {
        public ItemsFollow {
            menus = List.copyOf(menus);
        }

        @Override
        public String sentence() {
            return WORDS.say(
                    menus.isEmpty() ? "ItemsFollow.keep" : keep == 0 ? "ItemsFollow.follow" : "ItemsFollow.both", this);
        }
    }

    /** Items removed with the rows chosen, or standing under them. */
    record GoneBeneath(int count) implements Notice {}

    /** A menu that was removed stood in these zones, or other menus showed it. */
    record MenuStood(String menu, int places) implements Notice {}

    /** Pages that moved to another section have other menus in a zone than before. */
    record ZoneDiffers(Zone zone, int pages) implements Notice {
        @Override
        public String sentence() {
            return WORDS.say("ZoneDiffers", Map.of("zone", Words.capital(Words.zone(zone)), "pages", pages));
        }
    }

    /** The menu has more levels than a zone it stands in shows. */
    record LevelsUnseen(String menu, int levels, int shown, String zone) implements Notice {}

    /** The levels that a zone shows of a menu are headings alone, which show only with what is under them. */
    record HeadingsAlone(String menu, int levels, int shown, String zone) implements Notice {}

    /** An edit took rows of a menu deeper than a zone shows it. */
    record OutOfSight(String menu, int shown, String zone) implements Notice {
        @Override
        public String sentence() {
            return WORDS.say("OutOfSight", Map.of("zone", Words.capital(zone), "shown", shown, "menu", menu));
        }
    }

    record SubpagesGo(int count) implements Notice {}

    /**
     * Pages that visitors know are gone with the next release.
     *
     * @param to what their addresses lead to then; empty for nowhere
     */
    record AddressesEnd(int count, String to) implements Notice {
        @Override
        public String sentence() {
            return WORDS.say(to.isEmpty() ? "AddressesEnd.gone" : "AddressesEnd.lead", this);
        }
    }

    /** A page is at an address now that led to another until now. */
    record TakesAddress(String address, String to, String title) implements Notice {}

    /** @param titles of pages whose texts lead to what visitors can no longer get */
    record LinksBecomeWords(List<String> titles) implements Notice {
        public LinksBecomeWords {
            titles = List.copyOf(titles);
        }

        @Override
        public String sentence() {
            return WORDS.say("LinksBecomeWords", SomeTitles.facts(titles));
        }
    }

    /** Items, and lists, that lead to what was removed. */
    record ItemsRest(int items, List<String> menus) implements Notice {
        public ItemsRest {
            menus = List.copyOf(menus);
        }
    }

    /** Assignments whose scope was removed. */
    record ExceptionsRest(int count) implements Notice {}

    /** Assignments that went with what they were for. */
    record ExceptionsGo(int count) implements Notice {}

    /** The listing of a topic gets another address. */
    record ListingMoves(String from, String to) implements Notice {}

    /** The listing of a topic goes. */
    record ListingEnds(String address) implements Notice {}

    /** Lists of pages of a topic that no page has any more. */
    record ListsEmpty(int count) implements Notice {}

    /**
     * What came back could not stand where it was.
     *
     * @param under what it stands under now; empty at the top level
     */
    record BackElsewhere(String what, String under) implements Notice {
        @Override
        public String sentence() {
            return WORDS.say(under.isEmpty() ? "BackElsewhere.top" : "BackElsewhere.under", this);
        }
    }
}
