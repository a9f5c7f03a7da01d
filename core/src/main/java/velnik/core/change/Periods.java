package velnik.core.change;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Limits;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.Reach;

/** Sets when pages are there. */
final class Periods {
    private Periods() {}

    static Optional<Refusal> make(Draft draft, Change.SetPeriods set) {
        Optional<Refusal> refusal = checked(set.periods())
                .or(() -> set.periods().isEmpty() ? Optional.empty() : Reaching.alwaysThere(draft.site(), set.pages()));
        if (refusal.isPresent()) {
            return refusal;
        }
        Openings now = draft.openings();
        int visible = now.run(set.periods()) ? 0 : Reaching.visibleBeneath(draft.site(), set.pages(), now);
        refusal = Checks.each(draft, set.pages(), page -> page.withPeriods(set.periods()));
        if (refusal.isEmpty()) {
            if (visible > 0) {
                draft.tell(new Notice.SubpagesVanish(visible));
            }
            if (!set.periods().isEmpty()) {
                set.pages().forEach(page -> tellOfHeldBack(draft, page));
            }
        }
        return refusal;
    }

    private static void tellOfHeldBack(Draft draft, PageId page) {
        if (Access.of(draft.site(), page, Openings.ALWAYS).reach() == Reach.HELD_BACK) {
            draft.tell(new Notice.StillHeldBack(draft.pages().get(page).title()));
        }
    }

    /** Whether periods can be had by a page or an item. */
    static Optional<Refusal> checked(List<Period> periods) {
        if (periods.size() > Limits.PERIODS) {
            return Optional.of(new Refusal.TooManyPeriods(periods.size(), Limits.PERIODS));
        }
        Optional<Refusal> outOfRange = periods.stream()
                .flatMap(period -> period instanceof Period.Once once
                        ? Stream.of(once.first(), once.last()).filter(Objects::nonNull)
                        : Stream.empty())
                .flatMap(day -> day(day).stream())
                .findFirst();
        if (outOfRange.isPresent()) {
            return outOfRange;
        }
        return periods.stream().filter(Periods::isBackwards).findFirst().map(period -> new Refusal.PeriodBackwards());
    }

    static Optional<Refusal> day(LocalDate day) {
        return Limits.isReckoned(day) ? Optional.empty() : Optional.of(new Refusal.DayOutOfRange(day.toString()));
    }

    /** A yearly period goes over the new year instead. */
    private static boolean isBackwards(Period period) {
        LocalTime opens = Objects.requireNonNullElse(period.opensAt(), LocalTime.MIN);
        LocalTime closes = Objects.requireNonNullElse(period.closesAt(), LocalTime.MAX);
        return switch (period) {
            case Period.Once once -> {
                LocalDate first = Objects.requireNonNullElse(once.first(), LocalDate.MIN);
                LocalDate last = Objects.requireNonNullElse(once.last(), LocalDate.MAX);
                yield !first.atTime(opens).isBefore(last.atTime(closes));
            }
            case Period.Yearly yearly -> yearly.first().equals(yearly.last()) && !opens.isBefore(closes);
        };
    }
}
