package velnik.server.arranging;

import java.security.Principal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.address.Addresses;
import velnik.core.change.Change;
import velnik.core.explanation.ReachSentence;
import velnik.core.forwarding.AddressBook;
import velnik.core.reach.Access;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;
import velnik.server.editing.TriedDto;
import velnik.server.releasing.LiveSite;
import velnik.server.workingcopy.Computed;
import velnik.server.workingcopy.WorkingCopy;

/** All that the card of a page tells beside the fields of the page itself, by one call. */
@RestController
@RequestMapping("/-/api")
class PageCardController {
    /** A period that nobody meets. */
    private static final Period OVER = Period.once(null, LocalDate.of(1900, 1, 1));

    private final Computed computed;
    private final LiveSite live;
    private final WorkingCopy workingCopy;

    PageCardController(Computed computed, LiveSite live, WorkingCopy workingCopy) {
        this.computed = computed;
        this.live = live;
        this.workingCopy = workingCopy;
    }

    /**
     * @param reach who can reach it, in a sentence
     * @param where every item that leads to it
     * @param linkedFrom the pages whose texts link to it
     * @param placeable the menus it could be placed in
     * @param reaches what would follow from each reach that it does not have
     * @param liveAddress where visitors find it now; null where they do not
     * @param addresses the other addresses that lead to it
     * @param members what would follow from its being for members only; null where it is
     * @param closed what follows while its periods close it
     * @param removal what would follow from its removal, with its subpages
     * @param removalAlone what would follow if its subpages moved up; null where it has none
     */
    record PageCardDto(
            String reach,
            List<WhereDto> where,
            List<String> linkedFrom,
            List<PlaceableDto> placeable,
            Map<Reach, TriedDto> reaches,
            @Nullable String liveAddress,
            List<String> addresses,
            @Nullable TriedDto members,
            TriedDto closed,
            TriedDto removal,
            @Nullable TriedDto removalAlone) {}

    /** Nothing (204) for a page that is gone: whoever asks may have seen it a moment ago. */
    @GetMapping("/pages/{id}/card")
    ResponseEntity<PageCardDto> card(@PathVariable String id, Principal person) {
        Computed.Revision now = computed.now();
        Site site = now.state().site();
        PageId page = Named.page(id);
        if (!site.pages().contains(page)) {
            return ResponseEntity.noContent().build();
        }
        Function<Change, TriedDto> tried =
                change -> TriedDto.of(now.withLostLinks(workingCopy.tried(person.getName(), List.of(change))));
        Function<Change.Subpages, Change> removed =
                subpages -> Change.RemovePages.of(new RemovalId("tried"), List.of(page), subpages);
        Reach reach = site.pages().get(page).reach();
        return ResponseEntity.ok(new PageCardDto(
                ReachSentence.of(site, now.navigation(), page),
                now.whereabouts().of(page).stream()
                        .map(place -> WhereDto.of(site, place))
                        .toList(),
                now.linkingTo(page).stream().map(PageId::value).toList(),
                PlaceableDto.of(now, List.of(page)),
                Arrays.stream(Reach.values())
                        .filter(other -> other != reach)
                        .collect(Collectors.toMap(
                                other -> other, other -> tried.apply(new Change.SetReach(List.of(page), other)))),
                liveAddress(page),
                AddressBook.leadingTo(site, page),
                site.pages().get(page).membersOnly()
                        ? null
                        : tried.apply(new Change.SetMembersOnly(List.of(page), true)),
                tried.apply(new Change.SetPeriods(List.of(page), List.of(OVER))),
                tried.apply(removed.apply(Change.Subpages.GO_TOO)),
                site.pages().childrenOf(page).isEmpty() ? null : tried.apply(removed.apply(Change.Subpages.MOVE_UP))));
    }

    private @Nullable String liveAddress(PageId page) {
        Site visitors = live.site();
        return visitors.pages().contains(page)
                        && Access.of(visitors, page, computed.now().openings()).isGettable()
                ? Addresses.of(visitors, page)
                : null;
    }
}
