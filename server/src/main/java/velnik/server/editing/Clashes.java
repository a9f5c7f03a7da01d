package velnik.server.editing;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpStatus;
import velnik.core.compare.Difference;
import velnik.core.compare.PageFields;
import velnik.core.compare.Touch;
import velnik.core.site.Page;
import velnik.core.site.Site;
import velnik.server.shared.ProblemException;

/** Notices when two edits decide the same thing and the second did not know of the first. */
final class Clashes {
    private Clashes() {}

    /**
     * Refuses an edit that collides with one made since the revision it was based on.
     *
     * @throws ProblemException naming the field, with both values
     */
    static void check(List<Difference> since, Difference edit, Site present) {
        Set<Touch> touched = new HashSet<>();
        since.forEach(difference -> touched.addAll(Touch.of(difference)));
        for (Touch touch : Touch.of(edit)) {
            if (touched.contains(touch)) {
                String theirs = value(present, touch);
                String yours = value(edit.applyTo(present), touch);
                throw new ProblemException(
                        HttpStatus.CONFLICT,
                        "changed-since",
                        "Somebody changed the " + touch.field() + " of this page meanwhile: it is “" + theirs
                                + "” now, you wanted “" + yours + "”. Nothing was changed.",
                        Map.of("page", touch.page().value(), "field", touch.field(), "yours", yours, "theirs", theirs));
            }
        }
    }

    private static String value(Site site, Touch touch) {
        if (!site.pages().contains(touch.page())) {
            return "removed";
        }
        if (touch.field().equals(Touch.PLACE)) {
            return site.pages()
                    .parentOf(touch.page())
                    .map(parent -> "under " + site.pages().get(parent).title())
                    .orElse("at the top level");
        }
        Page page = site.pages().get(touch.page());
        return PageFields.ALL.stream()
                .filter(field -> field.name().equals(touch.field()))
                .findFirst()
                .map(field -> field.name().equals("slug")
                        ? page.slug()
                        : String.valueOf(field.value().apply(page)))
                .orElse("there");
    }
}
