package velnik.core.site;

/**
 * Where an address leads that no page has, as the owner wants it.
 *
 * @param from there is at most one forward from each
 */
public record Forward(Source from, Target to) {

    /** Which addresses lead there. Addresses are in their one form: small letters, no final slash. */
    public sealed interface Source {
        /** This address alone. */
        record At(String address) implements Source {}

        /** This address and everything beneath it, as far as nothing closer says otherwise. */
        record Beneath(String address) implements Source {}

        /** Every address that visitors knew a page by which is removed. */
        record OfRemoved(PageId page) implements Source {}

        /** Every address that visitors knew the listing of a topic by that is no more. */
        record OfTopic(String topic) implements Source {}

        /** Unlike that of any other. */
        default String word() {
            return switch (this) {
                case At(String address) -> address;
                case Beneath(String address) -> address + "/*";
                case OfRemoved(PageId page) -> page.value();
                case OfTopic(String topic) -> topic;
            };
        }
    }

    /** Where they lead. */
    public sealed interface Target {
        /** Wherever the page is. */
        record ToPage(PageId page) implements Target {}

        /** Wherever the listing of the topic is. */
        record ToTopic(String topic) implements Target {}

        /** An address elsewhere, with its scheme. */
        record Outside(String address) implements Target {}

        /** Nowhere: what was there is gone for good. */
        record Gone() implements Target {}
    }
}
