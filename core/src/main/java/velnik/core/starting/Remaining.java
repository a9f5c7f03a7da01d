package velnik.core.starting;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.site.Details;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.TextHash;

/**
 * What remains to be done until a new site is ready for its visitors.
 *
 * @param steps in the order in which they are best done
 */
public record Remaining(List<Step> steps) {
    /** What a text of a starting structure says to write, in brackets that are no link. */
    private static final Pattern TO_WRITE = Pattern.compile("\\[[^\\]]+](?!\\()");

    private static final Set<TextHash> TO_REPLACE = StartingStructure.ALL.stream()
            .flatMap(structure -> structure.texts().stream())
            .filter(text -> TO_WRITE.matcher(text).find())
            .map(TextHash::of)
            .collect(Collectors.toUnmodifiableSet());

    public Remaining {
        steps = List.copyOf(steps);
    }

    /**
     * @param count how many there are left of what is done one by one; 0 where it is one thing, or done
     * @param page where to go on; null for no page
     */
    public record Step(
            Kind kind, boolean done, int count, @Nullable PageId page) {}

    public enum Kind {
        /** Pages whose text is still that of a starting structure. */
        TEXTS,
        /** A phone number, a mail address or a postal address. */
        CONTACT,
        /** Where the site lives on the web. */
        ADDRESS,
        PUBLISH
    }

    /**
     * O(pages).
     *
     * @param published whether visitors get anything yet
     */
    public static Remaining of(Site site, boolean published) {
        Details details = site.details();
        List<PageId> unwritten = site.pages().walk().stream()
                .filter(row -> isUnwritten(row.value()))
                .map(Branch::id)
                .toList();
        return new Remaining(List.of(
                new Step(
                        Kind.TEXTS,
                        unwritten.isEmpty(),
                        unwritten.size(),
                        unwritten.isEmpty() ? null : unwritten.getFirst()),
                step(Kind.CONTACT, !details.contact().isNone()),
                step(Kind.ADDRESS, !details.address().isEmpty()),
                step(Kind.PUBLISH, published)));
    }

    private static Step step(Kind kind, boolean done) {
        return new Step(kind, done, 0, null);
    }

    private static boolean isUnwritten(Page page) {
        return page.text() != null && TO_REPLACE.contains(page.text());
    }
}
