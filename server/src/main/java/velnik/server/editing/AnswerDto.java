package velnik.server.editing;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.compare.Difference;
import velnik.core.outline.Branch;
import velnik.core.outline.RowDifference;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * What became of an edit.
 *
 * @param title names the edit in undo
 * @param told sentences for the person, the first of them what happened
 * @param remedies what can be done about it at once
 * @param texts that are kept otherwise than they were sent
 */
record AnswerDto(
        long revision,
        String title,
        List<String> told,
        List<RemedyDto> remedies,
        DifferenceDto difference,
        WorkingCopyDto.HistoryDto history,
        int waiting,
        List<TextDto> texts) {

    /**
     * What to do to a copy of the working copy, in this order: take out the removed and the placed pages, then put in
     * the placed ones one after another, then replace the altered ones.
     *
     * @param removed ids
     * @param placed new and moved pages, each after its parent and the sibling before it
     * @param altered pages that stay where they are
     * @param settings null where they are as before
     */
    record DifferenceDto(
            List<String> removed,
            List<PageDto> placed,
            List<PageDto> altered,
            @Nullable String home,
            @Nullable SettingsDto settings) {

        /**
         * Several differences as one. What none of them placed stands in the same order before and after all of them,
         * so the rest is put where it stands now, in reading order.
         *
         * @param differences oldest first
         * @param after the site the last of them led to
         */
        static DifferenceDto of(List<Difference> differences, Site after) {
            Set<String> removed = new LinkedHashSet<>();
            Set<PageId> placed = new LinkedHashSet<>();
            Set<PageId> altered = new LinkedHashSet<>();
            for (Difference difference : differences) {
                for (RowDifference<PageId, Page> row : difference.pages().rows()) {
                    switch (row) {
                        case RowDifference.Removed<PageId, Page> gone ->
                            removed.add(gone.id().value());
                        case RowDifference.Added<PageId, Page> fresh -> placed.add(fresh.id());
                        case RowDifference.Moved<PageId, Page> moved -> placed.add(moved.id());
                        case RowDifference.Altered<PageId, Page> other -> altered.add(other.id());
                    }
                }
            }
            altered.removeAll(placed);
            return new DifferenceDto(
                    List.copyOf(removed),
                    dtos(differences.size() == 1 ? placed : inReadingOrder(placed, after), after),
                    dtos(altered, after),
                    after.home() == null ? null : after.home().value(),
                    isOfSettings(differences, removed, placed, after) ? SettingsDto.of(after) : null);
        }

        /** Whether settings may be others: the page that new ones are made from may have gone, or come back. */
        private static boolean isOfSettings(
                List<Difference> differences, Set<String> removed, Set<PageId> placed, Site after) {
            @Nullable PageId model = after.details().newPages().model();
            return differences.stream()
                            .anyMatch(difference -> difference.details().isPresent()
                                    || !difference.layouts().isEmpty())
                    || model != null && (removed.contains(model.value()) || placed.contains(model));
        }

        private static Set<PageId> inReadingOrder(Set<PageId> pages, Site site) {
            Set<PageId> ordered = new LinkedHashSet<>();
            site.pages().walk().stream().map(Branch::id).filter(pages::contains).forEach(ordered::add);
            return ordered;
        }

        private static List<PageDto> dtos(Set<PageId> pages, Site site) {
            List<PageId> there = pages.stream().filter(site.pages()::contains).toList();
            List<PageDto> dtos = new ArrayList<>();
            site.pages()
                    .placesOf(there)
                    .forEach((page, place) -> dtos.add(PageDto.of(
                            page, place.parent(), place.after(), site.pages().get(page))));
            return dtos;
        }
    }
}
