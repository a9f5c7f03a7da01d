package velnik.core.soundness;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.address.Links;
import velnik.core.address.Slugs;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.PeriodChecks;
import velnik.core.edit.Changes;
import velnik.core.outline.Branch;
import velnik.core.site.Contact;
import velnik.core.site.Details;
import velnik.core.site.FileId;
import velnik.core.site.Forward;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.core.text.Line;
import velnik.core.text.Messages;
import velnik.core.text.Shortened;

/**
 * What every edit keeps true of a site, asked of one that no edit has made. A site of which nothing is said here can be
 * edited, rendered and published like any other.
 */
public final class Soundness {
    /** Sentences at most; who has mended so many asks again. */
    static final int MOST = 20;

    /** Characters of a title in a sentence. */
    private static final int NAMED = 60;

    private static final Messages WORDS = Messages.of(Soundness.class);

    private final Site site;
    private final List<String> wrong = new ArrayList<>();

    private Soundness(Site site) {
        this.site = site;
    }

    /**
     * What is wrong, a sentence each; empty for a sound site.
     *
     * <p>O(pages × levels + rows of menus).
     */
    public static List<String> of(Site site) {
        Soundness asked = new Soundness(site);
        asked.amounts();
        asked.pages();
        asked.topics();
        asked.details();
        asked.layouts();
        asked.files();
        new MenuSoundness(site, asked::tell).all();
        asked.forwards();
        return List.copyOf(asked.wrong);
    }

    private void tell(String what, Map<String, ?> facts) {
        if (wrong.size() < MOST) {
            wrong.add(WORDS.say(what, facts));
        }
    }

    private void amounts() {
        amount("pages", site.pages().size(), Limits.PAGES);
        amount("menus", site.menus().top().size(), Limits.MENUS);
        amount("layouts", site.layouts().size(), Limits.LAYOUTS);
        amount("files", site.files().size(), Limits.FILES);
        amount("forwards", site.forwards().size(), Limits.FORWARDS);
    }

    private void amount(String what, int count, int limit) {
        if (count > limit) {
            tell("tooMany", Map.of("what", what, "count", count, "limit", limit));
        }
    }

    private void pages() {
        Set<String> addresses = new HashSet<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            Page page = row.value();
            String address = Addresses.of(site, row.id());
            if (!addresses.add(address)) {
                tell("addressTwice", Map.of("address", Shortened.to(NAMED, address)));
            }
            boolean atTop = row.parent() == null && !site.isHome(row.id());
            if (!Slugs.isWellFormed(page.slug()) || atTop && Slugs.isReservedAtTop(page.slug())) {
                ofPage(page, "slug", Map.of("slug", Shortened.to(NAMED, page.slug())));
            }
            refused(page, Checks.depth(site, row.parent(), 1));
            refused(page, Checks.layout(site, page.layout()));
            refused(page, PeriodChecks.all(page.periods()));
            refused(page, Optional.ofNullable(page.date()).flatMap(PeriodChecks::day));
            words(page);
            kind(row);
        }
        if (!site.hasLayout(site.details().newPages().layout())) {
            tell("newPages", Map.of());
        }
    }

    /** Each is spelled one way. */
    private void topics() {
        Set<String> known = new HashSet<>();
        for (String topic : site.topics()) {
            if (!known.add(topic.toLowerCase(Locale.ROOT))) {
                tell("topic", Map.of("topic", Shortened.to(NAMED, topic)));
            }
        }
    }

    /** What one edit sets and nothing else depends on is asked of that edit. */
    private void details() {
        Details details = site.details();
        Contact contact = details.contact();
        Change same = Change.SetDetails.NONE
                .with()
                .name(details.name())
                .language(details.language())
                .phone(contact.phone())
                .mail(contact.mail())
                .postal(contact.postal())
                .build();
        if (Changes.apply(site, same, Circumstances.NOBODY) instanceof Outcome.Refused(Refusal why)) {
            wrong.add(why.sentence());
        }
    }

    private void words(Page page) {
        boolean clean = List.of(page.title(), page.searchTitle()).stream().allMatch(line -> isLine(line, Limits.TITLE))
                && List.of(page.summary(), page.searchDescription()).stream()
                        .allMatch(line -> isLine(line, Limits.SUMMARY))
                && page.topics().stream().allMatch(topic -> !topic.isEmpty() && isLine(topic, Limits.TOPIC));
        if (!clean) {
            ofPage(page, "words", Map.of());
        }
    }

    static boolean isLine(String text, int limit) {
        return text.length() <= limit && Line.cleaned(text).equals(text);
    }

    /** Built-in pages have ids of their own, and nothing beneath them. */
    private void kind(Branch<PageId, Page> row) {
        Page page = row.value();
        boolean builtIn = page.kind().isBuiltIn();
        boolean named = List.of(PageKind.values()).stream()
                .anyMatch(kind -> kind.isBuiltIn() && Site.idOfBuiltIn(kind).equals(row.id()));
        boolean withheld = page.reach() != Reach.OPEN
                || page.membersOnly()
                || !page.periods().isEmpty();
        if (withheld && (page.kind() == PageKind.SIGN_IN || page.kind() == PageKind.NOT_FOUND)) {
            ofPage(page, "withheld", Map.of());
        }
        if (builtIn != named
                || builtIn && !Site.idOfBuiltIn(page.kind()).equals(row.id())
                || builtIn && !site.pages().childrenOf(row.id()).isEmpty()) {
            ofPage(page, "kind", Map.of());
        }
    }

    private void ofPage(Page page, String what, Map<String, ?> facts) {
        tell("page", Map.of("title", Shortened.to(NAMED, page.title()), "why", WORDS.say("page." + what, facts)));
    }

    private void refused(Page page, Optional<Refusal> refusal) {
        refusal.ifPresent(why ->
                tell("page", Map.of("title", Shortened.to(NAMED, page.title()), "why", why.sentence())));
    }

    private void layouts() {
        Set<LayoutId> ids = new HashSet<>();
        Set<String> names = new HashSet<>();
        for (Layout layout : site.layouts()) {
            if (!ids.add(layout.id())
                    || !names.add(layout.name().toLowerCase(Locale.ROOT))
                    || !isLine(layout.name(), Limits.TITLE)) {
                tell("layout", Map.of("name", Shortened.to(NAMED, layout.name())));
            }
        }
    }

    private void files() {
        Set<FileId> ids = new HashSet<>();
        for (SiteFile file : site.files()) {
            if (!ids.add(file.id()) || !isLine(file.name(), Limits.TITLE)) {
                tell("file", Map.of("name", Shortened.to(NAMED, file.name())));
            }
        }
    }

    private void forwards() {
        Set<Forward.Source> sources = new HashSet<>();
        for (Forward forward : site.forwards()) {
            if (!sources.add(forward.from()) || !leads(forward.to()) || !isAddress(forward.from())) {
                tell(
                        "forward",
                        Map.of("address", Shortened.to(NAMED, forward.from().word())));
            }
        }
    }

    private static boolean leads(Forward.Target to) {
        return switch (to) {
            case Forward.Target.ToPage page -> true; // it may be gone
            case Forward.Target.ToTopic(String topic) -> topic.length() <= Limits.TOPIC;
            case Forward.Target.Outside(String address) -> Links.read(address, "") instanceof Links.Read.Web;
            case Forward.Target.Gone() -> true;
        };
    }

    private static boolean isAddress(Forward.Source from) {
        @Nullable
        String address = switch (from) {
            case Forward.Source.At(String at) -> at;
            case Forward.Source.Beneath(String beneath) -> beneath;
            case Forward.Source.OfRemoved removed -> null;
            case Forward.Source.OfTopic topic -> null;
        };
        return address == null || address.startsWith("/") && address.length() <= Limits.LINK;
    }
}
