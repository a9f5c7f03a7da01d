package velnik.server.storage;

import java.time.ZoneId;
import java.util.List;
import velnik.core.change.Change;
import velnik.core.outline.Place;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.server.workingcopy.WorkingCopies;
import velnik.server.workingcopy.WorkingCopy;

/**
 * A process that opens the storage, says what it found, and then edits and acknowledges until it is killed. Speaks a
 * line at a time: {@code found N}, then {@code kept N} for each edit.
 */
public final class EditsUntilKilled {
    private EditsUntilKilled() {}

    public static void main(String[] arguments) {
        OpenedStorage storage = OpenedStorage.in(arguments[0]);
        WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
        if (copy.state().revision() == 0) {
            copy.applyForGood(
                    "mara",
                    "begin-site",
                    List.of(
                            new Change.BeginSite("", "", ZoneId.of("UTC"), new MenuRowId("m"), new MenuRowId("l")),
                            SiteGenerator.pages(1, 200)));
        }
        int found = 0;
        while (copy.state().site().pages().contains(page(found + 1))) {
            found++;
        }
        say("found " + found + " moved " + lastMoved(copy));
        for (int edit = found + 1; ; edit++) {
            // Two edits a step: a new page, and one that rewrites the chain of its siblings.
            PageId id = page(edit);
            copy.apply(
                    "mara",
                    "edit-" + edit + "-" + copy.state().revision(),
                    copy.state().revision(),
                    List.of(
                            new Change.AddPages(List.of(Change.NewPage.open(id, Place.top(), "Kept " + edit))),
                            new Change.MovePages(List.of(SiteGenerator.id(0)), new Place<>(null, id))));
            say("kept " + edit);
        }
    }

    /** The page that the moved one stands after, to tell whether the two halves of an edit came together. */
    private static String lastMoved(WorkingCopy copy) {
        PageId after = copy.state().site().pages().placeOf(SiteGenerator.id(0)).after();
        return after == null
                ? "none"
                : copy.state().site().pages().find(after).map(Page::title).orElse("none");
    }

    static PageId page(int edit) {
        return new PageId("kept-" + edit);
    }

    private static void say(String line) {
        System.out.println(line);
        System.out.flush();
    }
}
