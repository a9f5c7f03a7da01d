package velnik.core.finding;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.explanation.Labels;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Days;
import velnik.core.reach.Openings;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.Site;

/** Periods that begin or end within a week and act on nothing, since they are not published yet. Costs O(pages + items). */
public final class WaitingPeriods {
    private static final Duration SOON = Duration.ofDays(7);

    private final Site site;
    private final Site live;
    private final Openings openings;
    private final Instant now;
    private final List<Finding> found = new ArrayList<>();

    private WaitingPeriods(Site site, Site live, Instant now) {
        this.site = site;
        this.live = live;
        this.openings = Openings.at(site, now);
        this.now = now;
    }

    /** @return about the pages that have the periods, or that the items that have them lead to */
    public static List<Finding> of(Site site, Site live, Instant now) {
        WaitingPeriods waiting = new WaitingPeriods(site, live, now);
        site.pages().walk().forEach(waiting::page);
        site.menus().walk().forEach(waiting::item);
        return List.copyOf(waiting.found);
    }

    private void page(Branch<PageId, Page> row) {
        List<Period> there = live.pages().find(row.id()).map(Page::periods).orElse(List.of());
        look(row.id(), Access.periodsOf(site, row), there, null);
    }

    private void item(Branch<MenuRowId, MenuRow> row) {
        if (row.value() instanceof MenuRow.Item item
                && item.kind() instanceof ItemKind.ToPage to
                && site.pages().contains(to.page())) {
            List<Period> there = live.menus().find(row.id()).orElse(null) instanceof MenuRow.Item before
                    ? before.appearance().periods()
                    : List.of();
            look(to.page(), item.appearance().periods(), there, Labels.of(site, row.id()));
        }
    }

    private void look(PageId page, List<Period> periods, List<Period> there, @Nullable String item) {
        if (periods.equals(there)) {
            return;
        }
        Optional<Instant> turn = Stream.of(openings.nextOpening(periods), openings.nextClosing(periods))
                .flatMap(Optional::stream)
                .min(Instant::compareTo)
                .filter(moment -> !moment.isAfter(now.plus(SOON)));
        turn.ifPresent(moment -> found.add(new Finding(
                page, Finding.Level.WARNING, new Reason.PeriodWaits(Days.ENGLISH.at(moment, openings.zone()), item))));
    }
}
