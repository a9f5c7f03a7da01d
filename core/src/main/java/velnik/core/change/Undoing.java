package velnik.core.change;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.compare.Difference;
import velnik.core.compare.PageFields;
import velnik.core.compare.ValueDifference;
import velnik.core.outline.OutlineDifference;
import velnik.core.outline.Place;
import velnik.core.outline.RowDifference;
import velnik.core.outline.RowDifference.Added;
import velnik.core.outline.RowDifference.Altered;
import velnik.core.outline.RowDifference.Moved;
import velnik.core.outline.RowDifference.Removed;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * Takes a change back where nothing was built upon it since: wherever the present values still are those the change
 * left. Fields and rows that the change did not touch stay as they are now.
 */
public final class Undoing {
    private final Site present;
    private final Difference back;
    /** Where rows go that come back or move. */
    private final Map<PageId, Place<PageId>> places = new HashMap<>();

    private final Set<PageId> leaving = new HashSet<>();

    private Undoing(Site present, Difference back) {
        this.present = present;
        this.back = back;
        for (RowDifference<PageId, Page> row : back.pages().rows()) {
            switch (row) {
                case Added<PageId, Page> added -> places.put(added.id(), added.place());
                case Moved<PageId, Page> moved -> places.put(moved.id(), moved.to());
                case Removed<PageId, Page> removed -> leaving.add(removed.id());
                case Altered<PageId, Page> altered -> {}
            }
        }
    }

    /** What became of an undo. */
    public sealed interface Result {
        record Undone(Site site) implements Result {}

        record Blocked(Refusal.BuiltUpon why) implements Result {}
    }

    /**
     * Applies a difference backwards. To redo, give the reversed difference.
     *
     * @return the site without it, or a refusal naming the first page that was changed since
     */
    public static Result undo(Site present, Difference done) {
        return new Undoing(present, done.reversed()).run();
    }

    private Result run() {
        boolean valuesHold = holds(back.home(), Optional.ofNullable(present.home()))
                && holds(back.details(), present.details())
                && holds(back.assignments(), present.assignments());
        if (!valuesHold) {
            return new Result.Blocked(new Refusal.BuiltUpon("The site"));
        }
        List<RowDifference<PageId, Page>> rows = new ArrayList<>();
        for (RowDifference<PageId, Page> row : back.pages().rows()) {
            Optional<RowDifference<PageId, Page>> now = presently(row);
            if (now.isEmpty()) {
                return new Result.Blocked(new Refusal.BuiltUpon(titleOf(row)));
            }
            rows.add(now.get());
        }
        Difference carried = new Difference(
                new OutlineDifference<>(rows), back.home(), back.menus(), back.assignments(), back.details());
        return checked(carried.applyTo(present), rows);
    }

    private static <T> boolean holds(Optional<ValueDifference<T>> difference, T now) {
        return difference.isEmpty() || difference.get().before().equals(now);
    }

    /** The row's difference as it applies to the present site; empty when something was built upon it. */
    private Optional<RowDifference<PageId, Page>> presently(RowDifference<PageId, Page> row) {
        PageId id = row.id();
        boolean there = present.pages().contains(id);
        return switch (row) {
            case Added<PageId, Page> added -> when(!there && parentIsThere(added.place()), added);
            case Removed<PageId, Page> removed ->
                when(there && present.pages().get(id).equals(removed.value()) && onlyGoingBeneath(id), removed);
            case Moved<PageId, Page> moved ->
                when(
                        there
                                && Objects.equals(
                                        present.pages().branch(id).parent(),
                                        moved.from().parent())
                                && parentIsThere(moved.to())
                                && !wouldStandUnderItself(id),
                        moved);
            case Altered<PageId, Page> altered -> there ? carried(altered) : Optional.empty();
        };
    }

    private static Optional<RowDifference<PageId, Page>> when(boolean holds, RowDifference<PageId, Page> row) {
        return holds ? Optional.of(row) : Optional.empty();
    }

    private Optional<RowDifference<PageId, Page>> carried(Altered<PageId, Page> altered) {
        Page now = present.pages().get(altered.id());
        return PageFields.carry(altered.before(), altered.after(), now)
                .map(fresh -> new Altered<>(altered.id(), now, fresh));
    }

    private boolean parentIsThere(Place<PageId> place) {
        @Nullable PageId parent = place.parent();
        return parent == null
                || places.containsKey(parent)
                || (present.pages().contains(parent) && !leaving.contains(parent));
    }

    /** Follows the parents as they will be. */
    private boolean wouldStandUnderItself(PageId id) {
        @Nullable PageId at = parentToBe(id);
        while (at != null && !at.equals(id)) {
            at = parentToBe(at);
        }
        return at != null;
    }

    private @Nullable PageId parentToBe(PageId id) {
        Place<PageId> place = places.get(id);
        return place == null ? present.pages().branch(id).parent() : place.parent();
    }

    private boolean onlyGoingBeneath(PageId page) {
        return present.pages().branch(page).children().stream()
                .allMatch(child -> leaving.contains(child.id()) || places.containsKey(child.id()));
    }

    /** A slug that was free then may be taken now, and a branch may have grown deeper. */
    private static Result checked(Site site, List<RowDifference<PageId, Page>> rows) {
        for (RowDifference<PageId, Page> row : rows) {
            if (!site.pages().contains(row.id())) {
                continue;
            }
            Page page = site.pages().get(row.id());
            @Nullable PageId parent = site.pages().parentOf(row.id()).orElse(null);
            boolean fits = !Addresses.isTaken(site, parent, page.slug(), row.id())
                    && Checks.depth(site, parent, site.pages().heightOf(row.id()))
                            .isEmpty();
            if (!fits) {
                return new Result.Blocked(new Refusal.BuiltUpon(page.title()));
            }
        }
        return new Result.Undone(site);
    }

    private String titleOf(RowDifference<PageId, Page> row) {
        return present.pages().find(row.id()).map(Page::title).orElse("The page");
    }
}
