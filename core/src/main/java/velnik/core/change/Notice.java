package velnik.core.change;

import static java.util.stream.Collectors.joining;

import java.util.List;
import java.util.SequencedMap;
import velnik.core.explanation.Words;
import velnik.core.site.Zone;

/** Something that comes of a change beside what was asked. */
public sealed interface Notice {
    String sentence();

    /** @param published how many of them visitors know already */
    record AddressesChange(int count, int published) implements Notice {
        @Override
        public String sentence() {
            String all = count == 1 ? "1 address changes" : count + " addresses change";
            if (published == 0) {
                return all + "; none was public yet.";
            }
            return all + " when you publish, " + (published == count ? "" : published + " of them ")
                    + "known to visitors today.";
        }
    }

    /** After the first of many notices of one kind. */
    record AndMore(int count) implements Notice {
        @Override
        public String sentence() {
            return "The same goes for " + count + " more.";
        }
    }

    /** A slug that was free before is taken where the page stands now. */
    record SlugAdapted(String title, String slug) implements Notice {
        @Override
        public String sentence() {
            return "Another page there has that address, so " + title + " gets “" + slug + "”.";
        }
    }

    /** The title changed, the slug did not, since visitors may know the address. */
    record SlugKept(String slug, String suggestion) implements Notice {
        @Override
        public String sentence() {
            return "Its address stays “" + slug + "”, since it was public; “" + suggestion + "” would fit the title.";
        }
    }

    record SubpagesVanish(int count) implements Notice {
        @Override
        public String sentence() {
            return count == 1 ? "1 subpage goes out of sight with it." : count + " subpages go out of sight with it.";
        }
    }

    record SubpagesForMembers(int count) implements Notice {
        @Override
        public String sentence() {
            return count == 1
                    ? "1 subpage is for members only with it."
                    : count + " subpages are for members only with it.";
        }
    }

    /** A page got periods, and nobody can see it in them either. */
    record StillHeldBack(String title) implements Notice {
        @Override
        public String sentence() {
            return title + " is held back, so nobody sees it in its periods either until it is open.";
        }
    }

    /**
     * Pages that were made, or made open, came into menus that take new pages in.
     *
     * @param items how many items each menu has more, by its name
     */
    record Joined(SequencedMap<String, Integer> items) implements Notice {
        @Override
        public String sentence() {
            return "By "
                    + (items.values().stream().mapToInt(Integer::intValue).sum() == 1 ? "itself: " : "themselves: ")
                    + items.entrySet().stream()
                            .map(menu -> menu.getValue() + (menu.getValue() == 1 ? " item" : " items") + " more in "
                                    + menu.getKey())
                            .collect(joining(", "))
                    + ".";
        }
    }

    /** A menu that is full took no more of the pages that would have joined it. */
    record CouldNotJoin(String menu, int pages, int limit) implements Notice {
        @Override
        public String sentence() {
            return (pages == 1 ? "1 page" : pages + " pages") + " did not join " + menu + ", which holds " + limit
                    + " items at most.";
        }
    }

    /** Items that had labels of their own went into the bin with them. */
    record LabelsWent(List<String> labels) implements Notice {
        public LabelsWent {
            labels = List.copyOf(labels);
        }

        @Override
        public String sentence() {
            return labels.size() == 1
                    ? "The label “" + labels.getFirst() + "” went with it."
                    : labels.size() + " labels of their own went with them.";
        }
    }

    /** An item leads to a page that menus leave out. */
    record PlacedUnseen(String title, String why) implements Notice {
        @Override
        public String sentence() {
            return title + " is " + why + ", so the item shows to nobody until the page is open.";
        }
    }

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
            String follow = menus.isEmpty() ? "" : "It reads so in " + String.join(", ", menus);
            String kept =
                    keep == 0 ? "" : keep == 1 ? "1 item keeps its own label" : keep + " items keep their own labels";
            return follow + (!follow.isEmpty() && !kept.isEmpty() ? "; " : "") + kept + ".";
        }
    }

    /** Items removed with the rows chosen, or standing under them. */
    record GoneBeneath(int count) implements Notice {
        @Override
        public String sentence() {
            return count == 1 ? "1 item under it goes too." : count + " items under it go too.";
        }
    }

    /** A menu that was removed stood in these zones, or other menus showed it. */
    record MenuStood(String menu, int places) implements Notice {
        @Override
        public String sentence() {
            return menu + " stood in " + (places == 1 ? "1 place" : places + " places") + " that now miss it.";
        }
    }

    /** Pages that moved to another section have other menus in a zone than before. */
    record ZoneDiffers(Zone zone, int pages) implements Notice {
        @Override
        public String sentence() {
            return Words.capital(Words.zone(zone))
                    + (pages == 1 ? " changes on 1 page." : " changes on " + pages + " pages.");
        }
    }

    /** The menu has more levels than a zone it stands in shows. */
    record LevelsUnseen(String menu, int levels, int shown, String zone) implements Notice {
        @Override
        public String sentence() {
            return menu + " has " + levels + " levels; " + zone + " shows " + shown + " of them.";
        }
    }

    /** An edit took rows of a menu deeper than a zone shows it. */
    record OutOfSight(String menu, int shown, String zone) implements Notice {
        @Override
        public String sentence() {
            return Words.capital(zone) + " shows " + (shown == 1 ? "1 level" : shown + " levels") + " of " + menu
                    + "; what is deeper is out of sight there.";
        }
    }

    record SubpagesGo(int count) implements Notice {
        @Override
        public String sentence() {
            return count == 1 ? "1 subpage goes with it." : count + " subpages go with it.";
        }
    }

    /** Pages that visitors know are gone with the next release. */
    record AddressesEnd(int count) implements Notice {
        @Override
        public String sentence() {
            return count == 1
                    ? "1 address that visitors know is not found once you publish."
                    : count + " addresses that visitors know are not found once you publish.";
        }
    }

    /** Items, and lists, that lead to what was removed. */
    record ItemsRest(int items, List<String> menus) implements Notice {
        public ItemsRest {
            menus = List.copyOf(menus);
        }

        @Override
        public String sentence() {
            return (items == 1 ? "1 item in " : items + " items in ") + String.join(", ", menus)
                    + (items == 1 ? " leads there and shows" : " lead there and show")
                    + " to nobody until it is back.";
        }
    }

    /** Assignments whose scope was removed. */
    record ExceptionsRest(int count) implements Notice {
        @Override
        public String sentence() {
            return (count == 1 ? "1 exception in the zones was" : count + " exceptions in the zones were")
                    + " for it and rest until it is back.";
        }
    }

    /**
     * What came back could not stand where it was.
     *
     * @param under what it stands under now; empty at the top level
     */
    record BackElsewhere(String what, String under) implements Notice {
        @Override
        public String sentence() {
            return what + " was under something that is gone, so it stands "
                    + (under.isEmpty() ? "at the top level" : "at the end of " + under) + " now.";
        }
    }
}
