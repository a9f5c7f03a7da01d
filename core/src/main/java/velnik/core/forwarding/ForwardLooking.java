package velnik.core.forwarding;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import velnik.core.address.Addresses;
import velnik.core.address.Links;
import velnik.core.address.Slugs;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.site.Forward;
import velnik.core.site.Limits;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.text.Shortened;

/** Judges forwards as somebody typed them, and says what they are on a site. */
public final class ForwardLooking {
    private final Site site;
    private final Function<String, Optional<PageId>> pages;

    private ForwardLooking(Site site, Function<String, Optional<PageId>> pages) {
        this.site = site;
        this.pages = pages;
    }

    /** For few: each costs O(levels × siblings). */
    public static ForwardLooking at(Site site) {
        return new ForwardLooking(site, address -> Addresses.find(site, address));
    }

    /** For many: costs O(pages), and then nothing to speak of. */
    public static ForwardLooking often(Site site) {
        Map<String, PageId> pages = new HashMap<>();
        site.pages().walk().forEach(row -> pages.put(Addresses.of(site, row.id()), row.id()));
        return new ForwardLooking(site, address -> Optional.ofNullable(pages.get(Addresses.canonical(address))));
    }

    /** What became of something typed: as it is kept, or why not. */
    private sealed interface Looked<T> {
        record Kept<T>(T value) implements Looked<T> {}

        record Refused<T>(Refusal why) implements Looked<T> {}
    }

    /** Why a forward cannot be set; empty where it can, as far as there is room. */
    public Optional<Refusal> refused(Change.SetForward set) {
        if (source(set.from()) instanceof Looked.Refused<Forward.Source>(Refusal why)) {
            return Optional.of(why);
        }
        return set.to() != null && target(set.to()) instanceof Looked.Refused<Forward.Target>(Refusal why)
                ? Optional.of(why)
                : Optional.empty();
    }

    /** A source as the rest of the site knows it, or as it was typed where it cannot be one. */
    public Forward.Source meant(Forward.Source typed) {
        return switch (source(typed)) {
            case Looked.Kept<Forward.Source>(Forward.Source from) -> from;
            case Looked.Refused<Forward.Source> refused -> typed;
        };
    }

    /** A target as the rest of the site knows it, or as it was typed where it cannot be one. */
    public Forward.Target meant(Forward.Target typed) {
        return switch (target(typed)) {
            case Looked.Kept<Forward.Target>(Forward.Target to) -> to;
            case Looked.Refused<Forward.Target> refused -> typed;
        };
    }

    private Looked<Forward.Source> source(Forward.Source from) {
        return switch (from) {
            case Forward.Source.OfRemoved(PageId page) ->
                site.pages().contains(page)
                        ? new Looked.Refused<>(
                                new Refusal.NotRemoved(site.pages().get(page).title()))
                        : new Looked.Kept<>(from);
            case Forward.Source.OfTopic(String topic) ->
                site.topics().contains(topic)
                        ? new Looked.Refused<>(new Refusal.NotRemoved(topic))
                        : new Looked.Kept<>(from);
            case Forward.Source.Beneath(String typed) -> path(typed, Forward.Source.Beneath::new);
            case Forward.Source.At(String typed) -> {
                Looked<Forward.Source> looked = path(typed, Forward.Source.At::new);
                yield looked instanceof Looked.Kept<Forward.Source>(Forward.Source.At at) ? free(at) : looked;
            }
        };
    }

    private interface Making {
        Forward.Source of(String path);
    }

    private Looked<Forward.Source> path(String typed, Making making) {
        String text = typed.strip();
        String siteAddress = site.details().address();
        boolean whole = text.contains("://");
        Optional<String> path = whole ? Links.pathOf(text, siteAddress) : Links.pathOf("/" + text, siteAddress);
        boolean fits = text.length() <= Limits.LINK
                && !text.isEmpty()
                && text.chars().noneMatch(letter -> letter == '?' || letter == '#' || Character.isISOControl(letter));
        if (path.isEmpty() || !fits) {
            return new Looked.Refused<>(new Refusal.AddressMalformed(Shortened.to(60, text)));
        }
        String address = Addresses.canonical(path.get());
        String first = address.substring(1).split("/", 2)[0];
        if (address.equals("/") || first.equals("-") || Slugs.isReservedAtTop(address.substring(1))) {
            return new Looked.Refused<>(new Refusal.SlugReserved(address.substring(1)));
        }
        return new Looked.Kept<>(making.of(address));
    }

    /** A page comes before a forward, so where one is there is nothing to forward. */
    private Looked<Forward.Source> free(Forward.Source.At from) {
        return pages.apply(from.address())
                .<Looked<Forward.Source>>map(page -> new Looked.Refused<>(new Refusal.AddressHeld(
                        from.address(), site.pages().get(page).title())))
                .orElseGet(() -> new Looked.Kept<>(from));
    }

    private Looked<Forward.Target> target(Forward.Target to) {
        return switch (to) {
            case Forward.Target.Gone gone -> new Looked.Kept<>(gone);
            case Forward.Target.ToPage(PageId page) ->
                Checks.exists(site, page)
                        .<Looked<Forward.Target>>map(Looked.Refused::new)
                        .orElseGet(() -> new Looked.Kept<>(to));
            case Forward.Target.ToTopic(String topic) ->
                site.topics().contains(topic)
                        ? new Looked.Kept<>(to)
                        : new Looked.Refused<>(new Refusal.TopicUnknown(topic));
            case Forward.Target.Outside(String typed) -> outside(typed);
        };
    }

    /** An address of this site is the page there, and goes on leading to it when it moves. */
    private Looked<Forward.Target> outside(String typed) {
        return switch (Links.read(typed, site.details().address())) {
            case Links.Read.Web(String address) -> new Looked.Kept<>(new Forward.Target.Outside(address));
            case Links.Read.OfThisSite(String address) ->
                Links.pathOf(address, site.details().address())
                        .flatMap(pages)
                        .<Looked<Forward.Target>>map(page -> new Looked.Kept<>(new Forward.Target.ToPage(page)))
                        .orElseGet(() -> new Looked.Refused<>(new Refusal.NoPageThere(address)));
            case Links.Read.Refused(String sentence) -> new Looked.Refused<>(new Refusal.LinkRefused(sentence));
            case Links.Read.Mail mail -> new Looked.Refused<>(new Refusal.ForwardsToWebOnly());
            case Links.Read.Phone phone -> new Looked.Refused<>(new Refusal.ForwardsToWebOnly());
            case Links.Read.NoLink none ->
                new Looked.Refused<>(new Refusal.LinkRefused("“" + Shortened.to(60, typed) + "” is no web address."));
        };
    }
}
