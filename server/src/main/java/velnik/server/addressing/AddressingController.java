package velnik.server.addressing;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.forwarding.AddressBook;
import velnik.core.forwarding.AddressBook.Answer;
import velnik.core.forwarding.AddressBook.Row;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.server.editing.ForwardSourceDto;
import velnik.server.editing.ForwardTargetDto;
import velnik.server.releasing.LiveSite;
import velnik.server.workingcopy.WorkingCopy;

/** Answers what each address answers, now and once all is published. */
@RestController
@RequestMapping("/-/api/addresses")
class AddressingController {
    /** Rows of one answer. */
    private static final int AT_ONCE = 200;

    private final WorkingCopy workingCopy;
    private final LiveSite live;
    private final Clock clock;
    private volatile @Nullable Known known;

    AddressingController(WorkingCopy workingCopy, LiveSite live, Clock clock) {
        this.workingCopy = workingCopy;
        this.live = live;
        this.clock = clock;
    }

    /** Computed once for each state of the two. */
    private record Known(WorkingCopy.State working, Site live, List<Row> rows) {}

    /** Which of the addresses. */
    enum Which {
        ALL,
        /** That visitors know, or knew. */
        PUBLIC,
        /** That answer otherwise once all is published. */
        CHANGING,
        /** That the owner forwards. */
        BY_HAND;

        boolean holds(Row row) {
            return switch (this) {
                case ALL -> true;
                case PUBLIC -> row.wasPublic();
                case CHANGING -> row.changes();
                case BY_HAND -> row.byHand().isPresent();
            };
        }
    }

    /**
     * @param revision of the working copy
     * @param found how many there are; the rows are some of them
     */
    record AddressesDto(long revision, int found, List<AddressDto> rows) {}

    /**
     * @param beneath whether it is what is meant begins with it
     * @param byHand from where the owner forwards it; null where they do not
     * @param leads to where
     */
    record AddressDto(
            String address,
            boolean beneath,
            AddressAnswerDto now,
            AddressAnswerDto next,
            boolean wasPublic,
            @Nullable ForwardSourceDto byHand,
            @Nullable ForwardTargetDto leads) {}

    /**
     * @param page it is about, while there is one
     * @param words its title, the topic, or an address elsewhere
     */
    record AddressAnswerDto(Kind kind, @Nullable String page, String words) {
        enum Kind {
            SHOWS,
            /** The listing of a topic. */
            LISTS,
            WITHHELD,
            LEADS_TO,
            LEADS_TO_LISTING,
            LEADS_OUT,
            GONE,
            NOTHING
        }
    }

    /**
     * Those whose address or title holds some words, in order.
     *
     * @param from how many to leave out at the beginning
     */
    @GetMapping
    AddressesDto addresses(
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "ALL") Which which,
            @RequestParam(defaultValue = "0") int from) {
        Known now = now();
        Site working = now.working().site();
        String wanted = words.strip().toLowerCase(Locale.ROOT);
        Predicate<Row> isFound = row -> row.address().contains(wanted)
                || words(now, row.now()).toLowerCase(Locale.ROOT).contains(wanted)
                || words(now, row.next()).toLowerCase(Locale.ROOT).contains(wanted);
        List<Row> found = now.rows().stream()
                .filter(which::holds)
                .filter(wanted.isEmpty() ? row -> true : isFound)
                .toList();
        return new AddressesDto(
                now.working().revision(),
                found.size(),
                found.stream()
                        .skip(Math.max(0, from))
                        .limit(AT_ONCE)
                        .map(row -> new AddressDto(
                                row.address(),
                                row.beneath(),
                                dto(now, working, row.now()),
                                dto(now, working, row.next()),
                                row.wasPublic(),
                                row.byHand()
                                        .map(forward -> ForwardSourceDto.of(forward.from()))
                                        .orElse(null),
                                row.byHand()
                                        .map(forward -> ForwardTargetDto.of(forward.to()))
                                        .orElse(null)))
                        .toList());
    }

    private Known now() {
        WorkingCopy.State working = workingCopy.state();
        Site visitors = live.site();
        Known before = known;
        if (before == null || before.working() != working || before.live() != visitors) {
            before = new Known(working, visitors, AddressBook.of(visitors, working.site(), clock.instant()));
            known = before;
        }
        return before;
    }

    private static AddressAnswerDto dto(Known now, Site working, Answer answer) {
        @Nullable PageId page = pageOf(answer);
        return new AddressAnswerDto(
                switch (answer) {
                    case Answer.Shows shows -> AddressAnswerDto.Kind.SHOWS;
                    case Answer.Lists lists -> AddressAnswerDto.Kind.LISTS;
                    case Answer.LeadsToListing to -> AddressAnswerDto.Kind.LEADS_TO_LISTING;
                    case Answer.Withheld withheld -> AddressAnswerDto.Kind.WITHHELD;
                    case Answer.LeadsTo to -> AddressAnswerDto.Kind.LEADS_TO;
                    case Answer.LeadsOut out -> AddressAnswerDto.Kind.LEADS_OUT;
                    case Answer.Gone gone -> AddressAnswerDto.Kind.GONE;
                    case Answer.Nothing nothing -> AddressAnswerDto.Kind.NOTHING;
                },
                page == null || !working.pages().contains(page) ? null : page.value(),
                words(now, answer));
    }

    private static @Nullable PageId pageOf(Answer answer) {
        return switch (answer) {
            case Answer.Shows(PageId page) -> page;
            case Answer.Withheld(PageId page) -> page;
            case Answer.LeadsTo(PageId page) -> page;
            case Answer.Lists lists -> null;
            case Answer.LeadsToListing to -> null;
            case Answer.LeadsOut out -> null;
            case Answer.Gone gone -> null;
            case Answer.Nothing nothing -> null;
        };
    }

    private static String words(Known now, Answer answer) {
        @Nullable PageId page = pageOf(answer);
        if (page == null) {
            return switch (answer) {
                case Answer.LeadsOut(String address) -> address;
                case Answer.Lists(String topic) -> topic;
                case Answer.LeadsToListing(String topic) -> topic;
                default -> "";
            };
        }
        return now.working()
                .site()
                .pages()
                .find(page)
                .or(() -> now.live().pages().find(page))
                .map(Page::title)
                .orElse("");
    }
}
