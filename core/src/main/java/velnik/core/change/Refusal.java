package velnik.core.change;

import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.text.Messages;

/** Why a change was not made. Carries the facts, and says them in a sentence to the owner. */
public sealed interface Refusal {
    Messages WORDS = Messages.of(Refusal.class);

    default String sentence() {
        return WORDS.say((Record) this);
    }

    record TitleEmpty() implements Refusal {}

    record TitleTooLong(int length, int limit) implements Refusal {}

    record TextTooLong(int length, int limit) implements Refusal {}

    record SummaryTooLong(int length, int limit) implements Refusal {}

    /** Visitors would never read it. */
    record NoTextOf(String title) implements Refusal {}

    /** @param title of a page without a form */
    record NoForm(String title) implements Refusal {}

    /** Words of a content block that are none, or too many. */
    record BlockWordsMalformed(int length, int most) implements Refusal {}

    /** Somebody wrote another text since the one that this was written upon. */
    record TextChanged(String title) implements Refusal {}

    record SlugMalformed(String typed, String suggestion, int limit) implements Refusal {}

    record SlugTaken(String slug, PageId holder, String holderTitle) implements Refusal {}

    record SlugReserved(String slug) implements Refusal {}

    /** What was typed is no address that could be forwarded. */
    record AddressMalformed(String typed) implements Refusal {}

    /** A page is there. */
    record AddressHeld(String address, String title) implements Refusal {}

    /** A forward to an address of this site where no page is. */
    record NoPageThere(String address) implements Refusal {}

    record ForwardsToWebOnly() implements Refusal {}

    /** Its addresses are where it is. */
    record NotRemoved(String title) implements Refusal {}

    /** A removal leads on to something that goes with it. */
    record LeadsToRemoved(String title) implements Refusal {}

    record TooManyForwards(int limit) implements Refusal {}

    /** Every site has one of it. */
    record BuiltInAlone(String title) implements Refusal {}

    /** It has no content of its own. */
    record NoHome(String title) implements Refusal {}

    /** @param because what withholds it: itself or a page above it */
    record HomeWithheld(String title, String because) implements Refusal {
        @Override
        public String sentence() {
            return WORDS.say(title.equals(because) ? "HomeWithheld.itself" : "HomeWithheld.above", this);
        }
    }

    record HomeNoGroup(String title) implements Refusal {}

    record BuiltInStays(String title) implements Refusal {}

    record NotFoundStaysOpen(String title) implements Refusal {}

    record SignInStaysOpen(String title) implements Refusal {}

    record TopicUnknown(String topic) implements Refusal {}

    record NothingUnderBuiltIn(String title) implements Refusal {}

    record PageUnknown(String page) implements Refusal {}

    record IdTaken(PageId id) implements Refusal {}

    record NothingNamed() implements Refusal {}

    record SiblingElsewhere(PageId after) implements Refusal {}

    record UnderItself(String title) implements Refusal {}

    record TooDeep(int level, int limit) implements Refusal {}

    record TooManyPages(int count, int limit) implements Refusal {}

    record HomeStaysOpen(String title) implements Refusal {}

    record TooManyPeriods(int count, int limit) implements Refusal {}

    record DayOutOfRange(String day) implements Refusal {}

    record ShowsNowhere() implements Refusal {}

    record PeriodBackwards() implements Refusal {}

    record SiteBegun() implements Refusal {}

    record SiteAddressMalformed(String typed) implements Refusal {}

    record OriginMalformed(String typed) implements Refusal {}

    record OriginsTooMany(int count, int limit) implements Refusal {}

    record ColourMalformed(String typed) implements Refusal {}

    /** @param least as it is said, and so {@code most} */
    record TokenOutOfRange(String typed, String token, String least, String most) implements Refusal {}

    record TokenUnknown(String typed, String token) implements Refusal {}

    record LanguageUnknown(String typed) implements Refusal {}

    record PhoneMalformed(String typed) implements Refusal {}

    record MailMalformed(String typed) implements Refusal {}

    record PostalTooLong(int length, int limit) implements Refusal {}

    /** @param line as typed, shortened */
    record HoursNotUnderstood(String line) implements Refusal {}

    /** @param line as typed, shortened */
    record HoursOverlap(String line) implements Refusal {}

    /** @param characters of all lines, at most */
    record HoursTooMany(int limit, int characters) implements Refusal {}

    record PositionMalformed(String typed) implements Refusal {}

    record ChannelMalformed(String typed) implements Refusal {}

    record ChannelNameMalformed(int length, int limit) implements Refusal {}

    record ChannelsTooMany(int count, int limit) implements Refusal {}

    record DetailsMalformed(String name, String address, int limit) implements Refusal {}

    /** A later change stands on the one to undo. */
    record BuiltUpon(String title) implements Refusal {}

    record NothingToUndo() implements Refusal {}

    record NothingToRedo() implements Refusal {}

    record MenuUnknown(String menu) implements Refusal {}

    record ItemUnknown(String item) implements Refusal {}

    record MenuRowTaken(MenuRowId id) implements Refusal {}

    record RowElsewhere(MenuRowId after) implements Refusal {}

    record NameEmpty() implements Refusal {}

    record NameTaken(String name) implements Refusal {}

    record LabelEmpty() implements Refusal {}

    record TooManyMenus(int count, int limit) implements Refusal {}

    record TooManyItems(String menu, int count, int limit) implements Refusal {}

    record MenuInItself(String menu) implements Refusal {}

    record LinkRefused(String sentence) implements Refusal {}

    /** An item is no list, or its list has no such row. */
    record NoSuchRow(String item) implements Refusal {}

    record ListOfVisited() implements Refusal {}

    record HookMalformed(String typed) implements Refusal {}

    record IconUnknown(String icon) implements Refusal {}

    record MenuTwice(String menu) implements Refusal {}

    /** Another assignment for single pages names one of these pages already. */
    record ScopeOverlaps(String page) implements Refusal {}

    record NothingWidens() implements Refusal {}

    record HomeStays(String title) implements Refusal {}

    /** @param others how many more of those that would go are locked */
    record PageLocked(String title, int others) implements Refusal {}

    record RemovedAlready() implements Refusal {}

    record NotInMenu(String title, String menu) implements Refusal {}

    /** It stands there because something else does, and can only be taken out with that. */
    record StandsThrough(String title, String through) implements Refusal {}

    record NotInBin(String removal) implements Refusal {}

    /** An item cannot come back where its menu is not. */
    record MenuInBin(String menu) implements Refusal {}

    record FieldMalformed(int length, int limit) implements Refusal {}

    record FieldsAlike(String label) implements Refusal {}

    record TooManyFields(int limit) implements Refusal {}

    record ChoicesMissing(String label) implements Refusal {}

    /** @param limit of choices, {@code longest} of the characters of each */
    record TooManyChoices(String label, int limit, int longest) implements Refusal {}

    record FileUnknown() implements Refusal {}

    record FileTaken(String name) implements Refusal {}

    record FileNameMalformed(int length, int limit) implements Refusal {}

    record AlternativeTooLong(int length, int limit) implements Refusal {}

    record NoPicture(String name) implements Refusal {}

    /** A picture is replaced by a picture. */
    record PictureStays(String name) implements Refusal {}

    record OtherStays(String name) implements Refusal {}

    record TooManyFiles(int limit) implements Refusal {}

    record LayoutUnknown() implements Refusal {}

    record LayoutTaken() implements Refusal {}

    record LayoutMalformed(int length, int limit) implements Refusal {}

    record LayoutNamed(String name) implements Refusal {}

    record LayoutStays(String name) implements Refusal {}

    /** A layout's pages cannot have the one that goes. */
    record LayoutGoes(String name) implements Refusal {}

    record TooManyLayouts(int limit) implements Refusal {}

    record NoModel(String title) implements Refusal {}

    record TopicMalformed(int length, int limit) implements Refusal {}
}
