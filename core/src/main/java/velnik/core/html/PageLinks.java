package velnik.core.html;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velnik.core.listing.TopicListings;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Days;
import velnik.core.reach.Openings;
import velnik.core.search.PageSearch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/**
 * The links that a page has besides its menus and its text: the way to it, what is beneath it, and lists of pages.
 *
 * @param addresses of pages, from the root of the site
 */
record PageLinks(Site site, Openings openings, Visitor visitor, Frame frame, Function<PageId, String> addresses) {
    private static final Comparator<PageView.Link> NEWEST_FIRST = Comparator.comparing(
                    (PageView.Link link) -> requireNonNull(link.date()).written())
            .reversed();

    List<PageView.Step> trail(PageId id) {
        return trail(id, this::addressOf);
    }

    List<PageView.Step> trail(PageId id, Function<PageId, @Nullable String> address) {
        List<PageView.Step> steps = new ArrayList<>();
        if (site.home() != null && !site.isHome(id)) {
            steps.add(new PageView.Step(site.pages().get(site.home()).title(), address.apply(site.home())));
        }
        List<Branch<PageId, Page>> path = site.pages().pathTo(id);
        for (Branch<PageId, Page> step : path.subList(0, path.size() - 1)) {
            if (!site.isHome(step.id()) && Access.of(site, step.id(), openings).isGettable()) {
                boolean group = step.value().kind() == PageKind.GROUP;
                steps.add(new PageView.Step(step.value().title(), group ? null : address.apply(step.id())));
            }
        }
        return steps;
    }

    /** The newest first where each has a date, as news have; else as they stand. */
    List<PageView.Link> subpages(Branch<PageId, Page> branch) {
        List<PageView.Link> listed =
                Access.of(site, branch.id(), openings).isListedFor(visitor) && !site.isHome(branch.id())
                        ? listed(branch.children())
                        : List.of();
        return listed.stream().allMatch(link -> link.date() != null)
                ? listed.stream().sorted(NEWEST_FIRST).toList()
                : listed;
    }

    PageView.@Nullable Day day(Page page) {
        return page.date() == null
                ? null
                : new PageView.Day(
                        page.date().toString(),
                        Days.in(frame.words().language()).day(page.date()));
    }

    List<PageView.Link> listed(List<Branch<PageId, Page>> pages) {
        return pages.stream()
                .filter(page -> Access.isListed(site, page, openings, visitor))
                .map(page -> link(page.id()))
                .toList();
    }

    PageView.Link link(PageId id) {
        Page page = site.pages().get(id);
        return new PageView.Link(page.title(), page.summary(), day(page), addressOf(id));
    }

    String addressOf(PageId page) {
        return written(addresses.apply(page));
    }

    String written(String address) {
        return frame.addresses().write(address);
    }

    PageView.Link link(TopicListings.Listing listing) {
        return new PageView.Link(listing.topic(), "", null, written(listing.address()));
    }

    List<IndexRow> indexRows(List<Branch<PageId, Page>> rows) {
        return rows.stream()
                .filter(row -> Access.isListed(site, row, openings, visitor))
                .map(row -> new IndexRow(
                        row.value().title(),
                        row.value().kind() == PageKind.GROUP ? null : addressOf(row.id()),
                        indexRows(row.children())))
                .toList();
    }

    List<SearchView.Result> found(PageSearch.Found found) {
        return found.hits().stream()
                .map(hit -> new SearchView.Result(
                        heading(hit.page()),
                        addressOf(hit.page()),
                        site.pages().pathTo(hit.page()).stream()
                                .filter(step -> !step.id().equals(hit.page()))
                                .map(step -> step.value().title())
                                .collect(joining(" › ")),
                        hit.passage()))
                .toList();
    }

    /** Owners call the page Home; visitors have arrived at the business. Members are in, and can only go out. */
    String heading(PageId id) {
        Page page = site.pages().get(id);
        if (page.kind() == PageKind.SIGN_IN && visitor == Visitor.MEMBER) {
            return Site.SIGN_OUT;
        }
        String name = site.details().name();
        return site.isHome(id) && !name.isEmpty() ? name : page.title();
    }
}
