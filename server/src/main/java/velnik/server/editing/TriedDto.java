package velnik.server.editing;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.forwarding.AddressChange;
import velnik.core.site.Site;
import velnik.server.releasing.AddressChangeDto;

/**
 * What would become of changes that are not made yet.
 *
 * @param told the first of them what would happen; empty when it cannot
 * @param refused why it cannot; null when it can
 * @param remedies what could be done about it
 * @param addresses the first of those that visitors know and that would change
 */
public record TriedDto(
        List<String> told, @Nullable String refused, List<RemedyDto> remedies, List<AddressChangeDto> addresses) {
    private static final int ADDRESSES = 100;

    /** Without the addresses. */
    public static TriedDto of(Outcome outcome) {
        return of(outcome, List.of());
    }

    public static TriedDto of(Outcome outcome, Site before) {
        return of(
                outcome,
                outcome instanceof Outcome.Applied applied ? AddressChange.between(before, applied.site()) : List.of());
    }

    private static TriedDto of(Outcome outcome, List<AddressChange> changes) {
        return switch (outcome) {
            case Outcome.Applied applied ->
                new TriedDto(
                        applied.told(),
                        null,
                        RemedyDto.of(applied.remedies()),
                        changes.stream()
                                .limit(ADDRESSES)
                                .map(AddressChangeDto::of)
                                .toList());
            case Outcome.Refused(Refusal why) -> new TriedDto(List.of(), why.sentence(), List.of(), List.of());
        };
    }
}
