package velnik.core.undo;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.compare.DetailsFields;
import velnik.core.compare.Difference;
import velnik.core.compare.Field;
import velnik.core.compare.MenuRowFields;
import velnik.core.compare.PageFields;
import velnik.core.compare.Touch;
import velnik.core.explanation.Labels;
import velnik.core.explanation.PlacingWords;
import velnik.core.explanation.Words;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.outline.Place;
import velnik.core.site.Assignment;
import velnik.core.site.FileId;
import velnik.core.site.Forward;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.core.text.Messages;

/**
 * Two edits that decide the same thing, the second not knowing of the first.
 *
 * @param field in the words of the API
 * @param what in the owner's, as in "the title of Canoes"
 * @param theirs what it is now
 * @param yours what the second edit would make it
 */
public record Clash(Object subject, String field, String what, String theirs, String yours) {
    private static final Messages WORDS = Messages.of(Clash.class);

    /** What an edit decides; an edit that takes another back names no changes. */
    public static Set<Touch> touched(List<Change> changes, Difference difference) {
        Set<Object> moved = new HashSet<>();
        for (Change change : changes) {
            switch (change) {
                case Change.MovePages move -> moved.addAll(move.pages());
                case MenuChange.MoveItems move -> moved.addAll(move.items());
                case MenuChange.MoveMenus move -> moved.addAll(move.menus());
                default -> {}
            }
        }
        return Touch.of(difference, moved);
    }

    /**
     * The first of what an edit decides that is another than the person saw.
     *
     * @param touched what the edit decides, as far as it was decided since
     * @param present the site as it is now
     * @param wanted the site as the edit would make it
     */
    public static Optional<Clash> between(Set<Touch> touched, Site present, Site wanted) {
        return touched.stream()
                .map(touch -> of(touch, present, wanted))
                .min((one, other) -> Boolean.compare(one.isVague(), other.isVague()));
    }

    /** Whether both values read alike. */
    private boolean isVague() {
        return theirs.equals(yours);
    }

    public String sentence() {
        return WORDS.say(this);
    }

    private static Clash of(Touch touch, Site present, Site wanted) {
        String word = word(touch, present, wanted);
        return new Clash(
                touch.subject(),
                touch.field(),
                WORDS.say("what", Map.of("word", word, "subject", subject(touch, present, wanted))),
                value(touch, present),
                value(touch, wanted));
    }

    private static String subject(Touch touch, Site present, Site wanted) {
        return switch (touch.subject()) {
            case PageId page -> Words.title(present.pages().contains(page) ? present : wanted, page);
            case MenuRowId row ->
                present.menus().contains(row)
                        ? Labels.of(present, row)
                        : wanted.menus().contains(row) ? Labels.of(wanted, row) : WORDS.say("subject.item");
            case RemovalId removal ->
                present.findRemoval(removal)
                        .or(() -> wanted.findRemoval(removal))
                        .map(found -> Labels.of(present, found))
                        .orElseGet(() -> WORDS.say("subject.removal"));
            case Assignment.Key key ->
                WORDS.say("zone", Map.of("zone", Words.zone(key.zone()), "scope", Words.scope(present, key.scope())));
            case Forward.Source from -> Words.source(present, from);
            case LayoutId layout -> Words.layout(present.hasLayout(layout) ? present : wanted, layout);
            case FileId file -> Words.file(present.findFile(file).isPresent() ? present : wanted, file);
            default -> WORDS.say("subject.site");
        };
    }

    private static String word(Touch touch, Site present, Site wanted) {
        return switch (touch.field()) {
            case Touch.PLACE -> WORDS.say("word.place");
            case Touch.EXISTENCE ->
                WORDS.say(
                        switch (touch.subject()) {
                            case Assignment.Key key -> "word.menus";
                            case Forward.Source from -> "word.forward";
                            case LayoutId layout -> "word.layout";
                            case FileId file -> "word.file";
                            default -> "word.presence";
                        });
            case Touch.HOME -> WORDS.say("word.home");
            default ->
                switch (touch.subject()) {
                    case PageId page ->
                        Field.named(PageFields.ALL, touch.field()).word();
                    case MenuRowId row ->
                        MenuRowFields.word(
                                (present.menus().contains(row) ? present : wanted)
                                        .menus()
                                        .get(row),
                                touch.field());
                    default -> Field.named(DetailsFields.ALL, touch.field()).word();
                };
        };
    }

    private static String value(Touch touch, Site site) {
        return switch (touch.subject()) {
            case PageId page -> site.pages().contains(page) ? page(touch, site, page) : WORDS.say("value.removed");
            case MenuRowId row -> site.menus().contains(row) ? row(touch, site, row) : WORDS.say("value.removed");
            case Assignment.Key key ->
                site.findAssignment(key)
                        .map(assignment -> PlacingWords.says(site, assignment.says()))
                        .orElseGet(() -> WORDS.say("value.noException"));
            case Forward.Source from ->
                site.findForward(from)
                        .map(forward -> Words.target(site, forward.to()))
                        .orElseGet(() -> WORDS.say("value.none"));
            case LayoutId layout ->
                site.findLayout(layout).map(Layout::name).orElseGet(() -> WORDS.say("value.removed"));
            case FileId file ->
                site.findFile(file).map(there -> file(there)).orElseGet(() -> WORDS.say("value.removed"));
            case RemovalId removal ->
                WORDS.say(site.findRemoval(removal).isPresent() ? "value.inBin" : "value.restored");
            default ->
                touch.field().equals(Touch.HOME)
                        ? site.home() == null ? WORDS.say("value.none") : Words.titleAndAddress(site, site.home())
                        : Field.named(DetailsFields.ALL, touch.field()).said(site, site.details(), touch.part());
        };
    }

    private static String file(SiteFile file) {
        return WORDS.say(
                "file",
                Map.of(
                        "name", file.name(),
                        "alternative", file.alternative() == null ? "" : file.alternative(),
                        "content", file.content().hash().brief()));
    }

    private static String page(Touch touch, Site site, PageId id) {
        return switch (touch.field()) {
            case Touch.PLACE -> place(site.pages().placeOf(id), site.pages(), Page::title);
            case Touch.EXISTENCE -> WORDS.say("value.there");
            default ->
                Field.named(PageFields.ALL, touch.field())
                        .said(site, site.pages().get(id), touch.part());
        };
    }

    private static String row(Touch touch, Site site, MenuRowId id) {
        MenuRow row = site.menus().get(id);
        return switch (touch.field()) {
            case Touch.PLACE -> place(site.menus().placeOf(id), site.menus(), other -> Labels.of(site, other));
            case Touch.EXISTENCE -> WORDS.say("value.there");
            default -> MenuRowFields.said(site, row, touch.field(), touch.part());
        };
    }

    /** Of the row to stand after, from 1. */
    private static <K, V> int numberOf(Outline<K, V> outline, Place<K> place) {
        return outline.childrenOf(place.parent()).stream()
                        .map(Branch::id)
                        .toList()
                        .indexOf(place.after())
                + 1;
    }

    private static <K, V> String place(Place<K> place, Outline<K, V> outline, Function<V, String> name) {
        @Nullable K after = place.after();
        @Nullable K parent = place.parent();
        // Neighbours may be called alike, so the number of the row is said too.
        return WORDS.say(
                (after == null ? "place.first" : "place.after") + (parent == null ? ".top" : ".under"),
                Map.of(
                        "number", numberOf(outline, place) + 1,
                        "after", after == null ? "" : name.apply(outline.get(after)),
                        "parent", parent == null ? "" : name.apply(outline.get(parent))));
    }
}
