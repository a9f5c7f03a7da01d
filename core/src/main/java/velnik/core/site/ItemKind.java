package velnik.core.site;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What an item is, and where it leads. */
public sealed interface ItemKind {

    /**
     * Leads to a page of the site.
     *
     * @param carries levels of subpages that it shows beneath itself without their being placed, from 0
     */
    record ToPage(PageId page, int carries) implements ItemKind {
        public ToPage {
            if (carries < 0 || carries > Limits.LEVELS) {
                throw new IllegalArgumentException("an item carries 0 to " + Limits.LEVELS + " levels, not " + carries);
            }
        }
    }

    /**
     * Leads to a place on a page of the site.
     *
     * @param name of the place, as the end of an address says it after {@code #}; it may be gone
     */
    record ToPlace(PageId page, String name) implements ItemKind {}

    /** @param address absolute with http or https, or of this site from its root; as {@code Links} reads it */
    record WebLink(String address) implements ItemKind {}

    /** @param address of a mailbox, perhaps with a subject after a question mark; without a scheme */
    record Mail(String address) implements ItemKind {}

    /** @param number as people write it, what is dialled is made from it; after {@code sms:} where messages go to it */
    record Phone(String number) implements ItemKind {}

    /** What the business can be reached by, as its details say now. */
    record OfBusiness(Way way) implements ItemKind {}

    enum Way {
        PHONE,
        MAIL
    }

    /** A row of icons that lead to where else the business is found, as its details say now. */
    record Channels() implements ItemKind {}

    /** Leads to a file of the site; it may be gone. */
    record ToFile(FileId file) implements ItemKind {}

    /** A word over other items; shows while something under it does. */
    record Heading() implements ItemKind {}

    /** A word that leads nowhere and always shows. */
    record Text() implements ItemKind {}

    /**
     * Shows something by itself among other items. Its label, where it has one of its own, stands over it; what is under
     * it stands open beneath.
     */
    sealed interface Block extends ItemKind {
        /** @param words a line for each paragraph */
        record Words(String words) implements Block {}

        /**
         * With the label for its caption.
         *
         * @param file may be gone
         * @param side where the caption stands
         */
        record Picture(FileId file, Side side) implements Block {}

        /** Asks the search of the site. The label is what it asks for. */
        record SearchField() implements Block {}

        /** How the business is reached, and when, as its details say now. */
        record ContactCard() implements Block {}

        /** The enquiry form of a page. */
        record FormOf(PageId page) implements Block {}

        /** What a page is about: its picture, title and summary, with a link to it. */
        record SummaryOf(PageId page) implements Block {}

        /** Where on earth the business is, as its details say now, drawn as a map. */
        record PositionMap() implements Block {}

        /** Of a picture, in the direction of reading. */
        enum Side {
            START,
            ABOVE,
            END,
            BELOW
        }
    }

    /** All rows of another menu. */
    record OtherMenu(MenuRowId menu) implements ItemKind {}

    /**
     * Fills itself with pages.
     *
     * @param levels how many levels of pages it yields, from 1
     * @param atMost rows at its first level; empty for all
     * @param leftOut pages it does not yield, nor what is beneath them
     * @param dressed own labels and appearances of the rows of these pages
     */
    @RecordBuilder
    record PageList(
            ListSource source,
            int levels,
            ListOrder order,
            Optional<Integer> atMost,
            Set<PageId> leftOut,
            Map<PageId, Dress> dressed)
            implements ItemKind, ItemKindPageListBuilder.With {
        public PageList {
            if (levels < 1 || levels > Limits.LEVELS) {
                throw new IllegalArgumentException("a list yields 1 to " + Limits.LEVELS + " levels, not " + levels);
            }
            if (atMost.isPresent() && atMost.get() < 1) {
                throw new IllegalArgumentException("a list yields at least one row, not " + atMost.get());
            }
            leftOut = Set.copyOf(leftOut);
            dressed = Map.copyOf(dressed);
        }

        public static PageList of(ListSource source, int levels) {
            return new PageList(source, levels, ListOrder.TREE, Optional.empty(), Set.of(), Map.of());
        }

        /** The newest so many pages, on one level. */
        public static PageList newestOf(ListSource source, int atMost) {
            return new PageList(source, 1, ListOrder.NEWEST, Optional.of(atMost), Set.of(), Map.of());
        }

        public Dress dressOf(PageId page) {
            return dressed.getOrDefault(page, Dress.NONE);
        }
    }
}
