package velnik.server.backups;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.IsoFields;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** When a backup is due, and which of them are kept: one each night, the last seven, then one a week for four weeks. */
final class Nights {
    private static final LocalTime HOUR = LocalTime.of(3, 10);
    private static final int NEWEST = 7;
    private static final int WEEKS = 4;

    private Nights() {}

    /**
     * Whether the last night has no backup yet, be it that the machine was off then.
     *
     * @param newest when the newest was taken; {@link Instant#MIN} for none
     */
    static boolean isDue(Instant newest, Instant now, ZoneId zone) {
        ZonedDateTime local = now.atZone(zone);
        ZonedDateTime today = local.with(HOUR);
        ZonedDateTime last = today.isAfter(local) ? today.minusDays(1) : today;
        return newest.isBefore(last.toInstant());
    }

    /** Those that are not kept, of all there are, in any order. */
    static List<Instant> surplus(List<Instant> taken, ZoneId zone) {
        List<Instant> newestFirst = new ArrayList<>(taken);
        newestFirst.sort(Comparator.reverseOrder());
        List<Instant> older = newestFirst.subList(Math.min(NEWEST, newestFirst.size()), newestFirst.size());
        Set<String> weeks = new HashSet<>();
        List<Instant> surplus = new ArrayList<>();
        for (Instant at : older) {
            if (weeks.size() == WEEKS || !weeks.add(week(at.atZone(zone).toLocalDate()))) {
                surplus.add(at);
            }
        }
        return surplus;
    }

    private static String week(LocalDate day) {
        return day.get(IsoFields.WEEK_BASED_YEAR) + "-" + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
    }
}
