package velnik.server.editing;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpStatus;
import velnik.core.compare.Difference;
import velnik.core.compare.PageFields;
import velnik.core.compare.Touch;
import velnik.core.explanation.Words;
import velnik.core.reach.Days;
import velnik.core.site.Assignment;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;
import velnik.server.shared.ProblemException;

/** Notices when two edits decide the same thing and the second did not know of the first. */
final class Clashes {
    private static final String REMOVED = "removed";

    private Clashes() {}

    /**
     * Refuses an edit that collides with one made since the revision it was based on.
     *
     * @throws ProblemException naming the field, with both values
     */
    static void check(List<History.Recent> since, Difference edit, Site present) {
        Set<Touch> touched = new HashSet<>();
        since.forEach(other -> touched.addAll(Touch.of(other.difference())));
        for (Touch touch : Touch.of(edit)) {
            if (touched.contains(touch)) {
                String theirs = value(present, touch);
                String yours = value(edit.applyTo(present), touch);
                throw new ProblemException(
                        HttpStatus.CONFLICT,
                        "changed-since",
                        "Somebody changed the " + word(touch.field()) + " of " + subject(touch) + " meanwhile: it is “"
                                + theirs + "” now, you wanted “" + yours + "”. Nothing was changed.",
                        Map.of(
                                "subject",
                                String.valueOf(touch.subject()),
                                "field",
                                touch.field(),
                                "yours",
                                yours,
                                "theirs",
                                theirs));
            }
        }
    }

    private static String subject(Touch touch) {
        return switch (touch.subject()) {
            case PageId page -> "this page";
            case MenuRowId row -> "this item";
            case RemovalId removal -> "this removal";
            default -> "this zone";
        };
    }

    private static String value(Site site, Touch touch) {
        return switch (touch.subject()) {
            case PageId page -> site.pages().contains(page) ? page(site, page, touch.field()) : REMOVED;
            case MenuRowId row -> site.menus().contains(row) ? row(site, row, touch.field()) : REMOVED;
            case Assignment.Key key ->
                site.findAssignment(key)
                        .map(assignment -> Words.says(site, assignment.says()))
                        .orElse("no exception");
            case RemovalId removal -> site.findRemoval(removal).isPresent() ? "in the bin" : "put back";
            default -> throw new IllegalStateException("nothing is known of " + touch.subject());
        };
    }

    private static String page(Site site, PageId id, String field) {
        if (field.equals(Touch.PLACE)) {
            return site.pages()
                    .parentOf(id)
                    .map(parent -> "under " + site.pages().get(parent).title())
                    .orElse("at the top level");
        }
        Page page = site.pages().get(id);
        return PageFields.ALL.stream()
                .filter(known -> known.name().equals(field))
                .findFirst()
                .map(known -> value(page, known))
                .orElse("there");
    }

    private static String value(Page page, PageFields.Field field) {
        return switch (field.name()) {
            case "slug" -> page.slug();
            case "membersOnly" -> page.membersOnly() ? "members only" : "all visitors";
            case "keptFromSearchEngines" -> page.keptFromSearchEngines() ? "leave it out" : "may list it";
            case "locked" -> page.locked() ? "locked" : "not locked";
            case "periods" -> Days.periods(page.periods());
            default -> String.valueOf(field.value().apply(page));
        };
    }

    /** What a field is called. */
    private static String word(String field) {
        return switch (field) {
            case "membersOnly" -> "audience";
            case "keptFromSearchEngines" -> "word to search engines";
            case "whenClosed" -> "answer while closed";
            case "locked" -> "lock";
            default -> field;
        };
    }

    private static String row(Site site, MenuRowId id, String field) {
        if (field.equals(Touch.PLACE)) {
            return "in " + name(site.menus().get(site.menuOf(id)));
        }
        return switch (field) {
            case "name", "label" -> name(site.menus().get(id));
            case "hidden" -> site.item(id).appearance().hidden() ? "hidden" : "shown";
            default -> "changed";
        };
    }

    private static String name(MenuRow row) {
        return switch (row) {
            case MenuRow.Menu menu -> menu.name();
            case MenuRow.Item item -> item.label().isEmpty() ? "following" : item.label();
        };
    }
}
