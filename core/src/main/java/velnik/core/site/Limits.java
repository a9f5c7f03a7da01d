package velnik.core.site;

import java.time.LocalDate;

/** How much one site may hold. */
public final class Limits {
    /** Levels of the page tree; the top is level 1. */
    public static final int LEVELS = 10;

    public static final int PAGES = 20_000;
    public static final int MENUS = 500;
    /** Of the owner's own. */
    public static final int LAYOUTS = 50;

    /** Of one menu. */
    public static final int ITEMS = 2_000;
    /** Written by hand, or left by removals. */
    public static final int FORWARDS = 100_000;

    /** UTF-16 characters of a title, label or note. */
    public static final int TITLE = 200;
    /** UTF-16 characters of a summary. */
    public static final int SUMMARY = 500;
    /** UTF-16 characters of a content block of words. */
    public static final int BLOCK_WORDS = 500;
    /** Characters of a slug. */
    public static final int SLUG = 80;

    /** UTF-16 characters of a topic. */
    public static final int TOPIC = 60;
    /** Of one page or item. */
    public static final int PERIODS = 20;
    /** Of dates and periods. */
    public static final LocalDate FIRST_DAY = LocalDate.of(1900, 1, 1);

    public static final LocalDate LAST_DAY = LocalDate.of(2999, 12, 31);

    /** Whether a day can be told and reckoned with. */
    public static boolean isReckoned(LocalDate day) {
        return !day.isBefore(FIRST_DAY) && !day.isAfter(LAST_DAY);
    }

    /** UTF-16 characters of a link's address. */
    public static final int LINK = 2_000;
    /** UTF-16 characters of a text. */
    public static final int TEXT = 200_000;

    public static final int FILES = 5_000;
    /** UTF-16 characters of what a picture shows. */
    public static final int ALTERNATIVE = 500;
    /** Bytes of a picture as it is sent. */
    public static final int PICTURE_BYTES = 5_000_000;
    /** Pixels of a picture as it is sent. */
    public static final long PICTURE_PIXELS = 60_000_000;
    /** Bytes of any other file. */
    public static final int FILE_BYTES = 25_000_000;

    /** Of an enquiry form. */
    public static final int FIELDS = 20;
    /** Of one field. */
    public static final int CHOICES = 50;

    private Limits() {}
}
