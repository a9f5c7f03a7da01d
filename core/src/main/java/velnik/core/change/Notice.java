package velnik.core.change;

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
}
