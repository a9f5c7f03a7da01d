package velnik.core.forwarding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.address.Links;
import velnik.core.address.Slugs;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.site.Forward;
import velnik.core.site.Limits;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.text.Shortened;

/** Forwards that the owner writes. */
public final class Forwards {
    private Forwards() {}

    /** What became of something typed: as it is kept, or why not. */
    private sealed interface Looked<T> {
        record Kept<T>(T value) implements Looked<T> {}

        record Refused<T>(Refusal why) implements Looked<T> {}
    }

    public static Optional<Refusal> setForward(Draft draft, Change.SetForward set) {
        return switch (source(draft.site(), set.from())) {
            case Looked.Refused<Forward.Source>(Refusal why) -> Optional.of(why);
            case Looked.Kept<Forward.Source>(Forward.Source from) -> set(draft, from, set.to());
        };
    }

    private static Optional<Refusal> set(Draft draft, Forward.Source from, Forward.@Nullable Target to) {
        if (to == null) {
            draft.become(without(draft.site(), from));
            return Optional.empty();
        }
        return switch (target(draft.site(), to)) {
            case Looked.Refused<Forward.Target>(Refusal why) -> Optional.of(why);
            case Looked.Kept<Forward.Target>(Forward.Target target) -> {
                put(draft, List.of(new Forward(from, target)));
                yield draft.site().forwards().size() > Limits.FORWARDS
                        ? Optional.of(new Refusal.TooManyForwards(Limits.FORWARDS))
                        : Optional.empty();
            }
        };
    }

    /** With forwards in the place of those from the same sources. */
    public static void put(Draft draft, List<Forward> fresh) {
        List<Forward> forwards = new ArrayList<>(draft.site().forwards());
        Set<Forward.Source> sources = fresh.stream().map(Forward::from).collect(Collectors.toSet());
        forwards.removeIf(forward -> sources.contains(forward.from()));
        forwards.addAll(fresh);
        draft.become(draft.site().withForwards(forwards));
    }

    private static Site without(Site site, Forward.Source from) {
        return site.withForwards(site.forwards().stream()
                .filter(forward -> !forward.from().equals(from))
                .toList());
    }

    /** A source as the rest of the site knows it, or as it was typed where it cannot be one. */
    public static Forward.Source meant(Site site, Forward.Source typed) {
        return switch (source(site, typed)) {
            case Looked.Kept<Forward.Source>(Forward.Source from) -> from;
            case Looked.Refused<Forward.Source> refused -> typed;
        };
    }

    private static Looked<Forward.Source> source(Site site, Forward.Source from) {
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
            case Forward.Source.Beneath(String typed) -> path(site, typed, Forward.Source.Beneath::new);
            case Forward.Source.At(String typed) -> {
                Looked<Forward.Source> looked = path(site, typed, Forward.Source.At::new);
                yield looked instanceof Looked.Kept<Forward.Source>(Forward.Source.At at) ? free(site, at) : looked;
            }
        };
    }

    private interface Making {
        Forward.Source of(String path);
    }

    private static Looked<Forward.Source> path(Site site, String typed, Making making) {
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
    private static Looked<Forward.Source> free(Site site, Forward.Source.At from) {
        return Addresses.find(site, from.address())
                .<Looked<Forward.Source>>map(page -> new Looked.Refused<>(new Refusal.AddressHeld(
                        from.address(), site.pages().get(page).title())))
                .orElseGet(() -> new Looked.Kept<>(from));
    }

    private static Looked<Forward.Target> target(Site site, Forward.Target to) {
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
            case Forward.Target.Outside(String typed) -> outside(site, typed);
        };
    }

    /** An address of this site is the page there, and goes on leading to it when it moves. */
    private static Looked<Forward.Target> outside(Site site, String typed) {
        return switch (Links.read(typed, site.details().address())) {
            case Links.Read.Web(String address) -> new Looked.Kept<>(new Forward.Target.Outside(address));
            case Links.Read.OfThisSite(String address) ->
                Links.pathOf(address, site.details().address())
                        .flatMap(path -> Addresses.find(site, path))
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
