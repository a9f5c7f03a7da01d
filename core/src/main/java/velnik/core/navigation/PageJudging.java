package velnik.core.navigation;

import static java.util.stream.Collectors.toSet;

import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.reach.Access;
import velnik.core.reach.Days;
import velnik.core.reach.Openings;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** Whom an item shows to by the page it is about, and why to nobody. */
record PageJudging(Site site, Openings openings) {

    /** An item that leads to a page by hand, or shows something of it: for those who get the page, or why nobody does. */
    MenuEntry judged(PageId id, MenuEntry entry) {
        Access access = Access.of(site, id, openings);
        boolean forMembers = access.membersBy() != null;
        Set<Visitor> can = entry.appearance().beforeSignIn() && forMembers ? Visitor.ANY : whoCanGet(id, forMembers);
        Optional<Absence> why = withheld(id, access);
        return entry.withAbsence(entry.absence().or(() -> why)).withVisitors(Visitor.common(entry.visitors(), can));
    }

    /** Whom a page opens for, if it is open at all; a group, whom it leads on. */
    Set<Visitor> whoCanGet(PageId id, boolean membersOnly) {
        Set<Visitor> can = membersOnly ? Set.of(Visitor.MEMBER) : Visitor.ANY;
        return site.pages().get(id).kind() == PageKind.GROUP
                ? can.stream()
                        .filter(visitor ->
                                Access.leadsOnTo(site, id, openings, visitor).isPresent())
                        .collect(toSet())
                : can;
    }

    /** Why what leads to a page shows to nobody now; empty when it shows to somebody. */
    Optional<Absence> withheld(PageId id, Access access) {
        @Nullable PageId closedBy = access.closedBy();
        if (closedBy != null) {
            return Optional.of(new Absence.PageClosed(
                    id, closedBy, Days.ENGLISH.until(Access.opensAgain(site, id, openings), openings.zone())));
        }
        return switch (access.reach()) {
            case HELD_BACK ->
                Optional.of(new Absence.PageHeldBack(id, Objects.requireNonNullElse(access.limitedBy(), id)));
            case BY_LINK_ONLY, OPEN ->
                site.pages().get(id).kind() == PageKind.GROUP
                                && Access.leadsOnTo(site, id, openings, Visitor.MEMBER)
                                        .isEmpty()
                        ? Optional.of(new Absence.GroupEmpty())
                        : Optional.empty();
        };
    }
}
