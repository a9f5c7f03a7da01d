package velnik.core.importing;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.joining;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.address.Slugs;
import velnik.core.change.Change;
import velnik.core.forwarding.ForwardLooking;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.site.Forward;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.core.text.Line;
import velnik.core.text.Messages;

/** Pages of a file as pages of a site: each is new, or changes one there is. */
final class PagesImport {
    private static final Messages WORDS = Messages.of(ImportPlan.class);
    private static final String TOP = "";

    /** What later pages may stand under. */
    private record Holder(int level, @Nullable PageId page, String above, int depth, boolean refused) {}

    /** A page to add, once all are known that its text may link to. */
    private record Fresh(
            PageId id,
            Place<PageId> place,
            String title,
            @Nullable String slug,
            Found.FoundPage page) {}

    private final Site site;
    private final ImportChoices choices;
    private final UnaryOperator<String> ids;
    private final PageMatches matches;
    private final PageFields fields;
    private final FieldEdits edits = new FieldEdits();
    private final List<Fresh> fresh = new ArrayList<>();
    private final Map<String, @Nullable PageId> last = new HashMap<>();
    /** What the file has pages at; its home page takes none of these for what is beneath it. */
    private final Set<String> paths = new HashSet<>();

    private final Map<String, PageId> byPath = new HashMap<>();
    private final List<ImportRow> rows = new ArrayList<>();
    /** Where in the rows pages are that are there. */
    private final Map<PageId, Integer> rowOf = new HashMap<>();

    private final List<ImportRow> forwardRows = new ArrayList<>();
    private final List<Change.SetForward> forwards = new ArrayList<>();
    private final List<String> texts = new ArrayList<>();
    private int guessed;

    PagesImport(Site site, ImportChoices choices, UnaryOperator<String> ids) {
        this.site = site;
        this.choices = choices;
        this.ids = ids;
        this.matches = new PageMatches(site, choices.matching());
        this.fields = new PageFields(site, edits);
    }

    List<ImportRow> rows() {
        return rows;
    }

    /** Of addresses that pages had on the site they come from. */
    List<ImportRow> forwardRows() {
        return forwardRows;
    }

    List<Change> forwards() {
        return forwards.isEmpty() ? List.of() : List.of(new Change.SetForwards(forwards));
    }

    /** To be kept before the pages that have them. */
    List<String> texts() {
        return texts;
    }

    /** New pages of the file whose titles were made from their addresses. */
    int guessed() {
        return guessed;
    }

    /** The page that a path of the file has become. */
    Optional<PageId> at(String path) {
        return Optional.ofNullable(byPath.get(path));
    }

    void plan(List<Found.FoundPage> pages, Destination.Site destination) {
        Deque<Holder> open = new ArrayDeque<>();
        open.addLast(start(destination));
        List<Found.FoundPage> all = withHome(pages, destination);
        all.forEach(page -> paths.add(page.path()));
        for (int i = 0; i < all.size(); i++) {
            Found.FoundPage page = all.get(i);
            while (open.getLast().level() >= page.level()) {
                open.removeLast();
            }
            String key = "p" + i;
            if (choices.without().contains(key)) {
                rows.add(row(key, page, ImportRow.Verdict.LEFT_OUT, page.title(), page.path(), List.of(), ""));
            } else {
                open.addLast(take(key, page, open.getLast()));
            }
        }
        for (SlugWishes.Wish wish : fields.settleSlugs(address ->
                matches.at(address).filter(page -> !site.pages().contains(page)).isPresent())) {
            int row = requireNonNull(rowOf.get(wish.page()));
            rows.set(row, PageFields.without(wish, rows.get(row)));
        }
    }

    private Holder start(Destination.Site destination) {
        return switch (destination) {
            case Destination.Pages(@Nullable PageId under) ->
                under == null ? new Holder(0, null, TOP, 0, false) : there(0, under);
            case Destination.NewBranch(String title) -> {
                Found.FoundPage branch =
                        new Found.FoundPage(Found.Spot.NOWHERE, 1, title, false, "", "", "", Found.Said.NOTHING);
                Holder made = take("branch", branch, new Holder(-1, null, TOP, 0, false));
                yield new Holder(0, made.page(), made.above(), made.depth(), made.refused());
            }
        };
    }

    /** What is told of a site by its addresses alone may lack the one page that every site has. */
    private List<Found.FoundPage> withHome(List<Found.FoundPage> pages, Destination.Site destination) {
        boolean toTop = destination instanceof Destination.Pages(@Nullable PageId under) && under == null;
        if (site.home() != null || !toTop || pages.isEmpty()) {
            return pages;
        }
        if (pages.getFirst().path().isEmpty() || pages.getFirst().isHome()) {
            return pages;
        }
        List<Found.FoundPage> all = new ArrayList<>(pages);
        all.addFirst(
                new Found.FoundPage(Found.Spot.NOWHERE, 1, WebPath.title("/"), true, "/", "", "", Found.Said.NOTHING));
        return all;
    }

    private Holder there(int level, PageId page) {
        return new Holder(level, page, Addresses.above(site, page), site.pages().levelOf(page), false);
    }

    private Holder take(String key, Found.FoundPage page, Holder over) {
        String title = Line.cleaned(page.title());
        @Nullable String refused = refused(title, over);
        if (refused != null) {
            rows.add(row(key, page, ImportRow.Verdict.REFUSE, title, page.path(), List.of(), refused));
            return new Holder(page.level(), null, over.above(), over.depth() + 1, true);
        }
        boolean top = over.page() == null && over.above().equals(TOP);
        @Nullable PageId home = site.home();
        if (top && page.isHome() && home != null) {
            return match(key, page, title, home, over);
        }
        String wanted = wanted(page, title, top);
        String address = over.above() + "/" + wanted;
        Optional<PageId> match = matches.of(page, title, address, top);
        if (match.isPresent()) {
            return match(key, page, title, match.get(), over);
        }
        Optional<PageId> holder = matches.at(address);
        if (holder.isPresent()
                && !site.pages().contains(holder.get())
                && page.said().slug() != null) {
            rows.add(row(key, page, ImportRow.Verdict.REFUSE, title, address, List.of(), WORDS.say("twice")));
            return new Holder(page.level(), null, over.above(), over.depth() + 1, true);
        }
        return add(key, page, title, wanted, over);
    }

    private static @Nullable String refused(String title, Holder over) {
        if (over.refused()) {
            return WORDS.say("aboveRefused");
        }
        if (title.isEmpty()) {
            return WORDS.say("untitled");
        }
        if (title.length() > Limits.TITLE) {
            return WORDS.say("titleLong", Map.of("characters", title.length(), "limit", Limits.TITLE));
        }
        return over.depth() >= Limits.LEVELS
                ? WORDS.say("deep", Map.of("level", over.depth() + 1, "limit", Limits.LEVELS))
                : null;
    }

    /** The slug as far as the file says one that can be one, else that of the title. */
    private static String wanted(Found.FoundPage page, String title, boolean top) {
        @Nullable String said = page.said().slug();
        String slug = said != null ? said.strip().toLowerCase(Locale.ROOT) : WebPath.last(page.path());
        boolean fits = Slugs.isWellFormed(slug) && !(top && Slugs.isReservedAtTop(slug));
        return fits ? slug : Slugs.fromTitle(slug.isEmpty() || page.path().equals("/") ? title : slug);
    }

    private Holder match(String key, Found.FoundPage page, String title, PageId id, Holder over) {
        Page there = site.pages().get(id);
        String address = Addresses.of(site, id);
        if (!page.path().isEmpty()) {
            remember(page, id);
        }
        if (there.kind().isBuiltIn()) {
            rows.add(row(key, page, ImportRow.Verdict.SKIP, title, address, List.of(), WORDS.say("builtIn")));
            return new Holder(page.level(), null, TOP, 0, true);
        }
        if (!matches.take(id)) {
            rows.add(row(key, page, ImportRow.Verdict.SKIP, title, address, List.of(), WORDS.say("again")));
            return there(page.level(), id);
        }
        PageFields.Changed changed = fields.change(id, there, page, title);
        changed.text().ifPresent(texts::add);
        String why = Stream.of(changed.why(), stays(page, id, over))
                .filter(each -> !each.isEmpty())
                .collect(joining(" "));
        rowOf.put(id, rows.size());
        rows.add(row(
                key,
                page,
                changed.fields().isEmpty() ? ImportRow.Verdict.SKIP : ImportRow.Verdict.CHANGE,
                there.title(),
                address,
                changed.fields(),
                changed.fields().isEmpty() && why.isEmpty() ? WORDS.say("there") : why));
        return there(page.level(), id);
    }

    /** That a page which the file has elsewhere is not moved; nothing where the file does not say where it is. */
    private String stays(Found.FoundPage page, PageId id, Holder over) {
        @Nullable PageId parent = site.pages().parentOf(id).orElse(null);
        boolean said = over.page() != null || !page.path().isEmpty();
        if (!said || Objects.equals(parent, over.page())) {
            return "";
        }
        return parent == null
                ? WORDS.say("staysTop")
                : WORDS.say(
                        "staysUnder", Map.of("page", site.pages().get(parent).title()));
    }

    private Holder add(String key, Found.FoundPage page, String title, String wanted, Holder over) {
        PageId id = new PageId(ids.apply(key));
        String slug = Slugs.firstFree(wanted, any -> {
            String address = over.above() + "/" + any;
            return matches.at(address).isPresent() || page.path().equals("/") && paths.contains(address);
        });
        String above = over.above() + "/" + slug;
        matches.put(above, id);
        boolean first = site.home() == null && fresh.isEmpty();
        String at = first ? "/" : above;
        boolean follows = page.said().slug() == null && page.path().isEmpty();
        fresh.add(new Fresh(id, place(over.page(), id), title, follows ? null : slug, page));
        String why = fields.begin(id, page, first);
        if (!slug.equals(wanted) && !first) {
            why = WORDS.say("addressTaken", Map.of("wanted", over.above() + "/" + wanted));
        } else if (page.spot().line() == 0 && page.said().kind() == PageKind.GROUP) {
            why = WORDS.say("made");
        }
        rows.add(row(key, page, ImportRow.Verdict.ADD, title, at, PageFields.reach(page.said()), why));
        if (page.guessed() && page.spot().line() > 0) {
            guessed++;
        }
        if (!page.path().isEmpty()) {
            remember(page, id);
            forward(key, page, id, at);
        }
        return new Holder(page.level(), id, above, over.depth() + 1, false);
    }

    /** After what is there already, but for the pages that Velnik made and that stand last. */
    private Place<PageId> place(@Nullable PageId parent, PageId id) {
        String under = parent == null ? TOP : parent.value();
        @Nullable PageId before = last.containsKey(under) ? last.get(under) : lastOrdinary(parent);
        last.put(under, id);
        return new Place<>(parent, before);
    }

    private @Nullable PageId lastOrdinary(@Nullable PageId parent) {
        if (parent != null && !site.pages().contains(parent)) {
            return null;
        }
        @Nullable PageId ordinary = null;
        for (Branch<PageId, Page> each : site.pages().childrenOf(parent)) {
            if (!each.value().kind().isBuiltIn()) {
                ordinary = each.id();
            }
        }
        return ordinary;
    }

    private void remember(Found.FoundPage page, PageId id) {
        byPath.put(page.path(), id);
        if (!page.former().isEmpty()) {
            byPath.putIfAbsent(page.former(), id);
        }
    }

    /** Where it has another address than on the site that it comes from, the former leads on. */
    private void forward(String key, Found.FoundPage page, PageId id, String address) {
        String former = page.former().isEmpty() ? page.path() : page.former();
        boolean toTop = choices.destination() instanceof Destination.Pages(@Nullable PageId under) && under == null;
        String row = "w" + key;
        if (!toTop || page.spot().line() == 0 || former.equals(address) || former.equals("/") || address.equals("/")) {
            return;
        }
        Forward.Source from = new Forward.Source.At(former);
        if (matches.at(former).isPresent()
                || ForwardLooking.at(site)
                        .refused(new Change.SetForward(from, null))
                        .isPresent()) {
            return;
        }
        boolean out = choices.without().contains(row);
        forwardRows.add(new ImportRow(
                row,
                ImportRow.Part.FORWARDS,
                page.spot(),
                1,
                out ? ImportRow.Verdict.LEFT_OUT : ImportRow.Verdict.ADD,
                former,
                address,
                List.of(),
                WORDS.say("former")));
        if (!out) {
            forwards.add(new Change.SetForward(from, new Forward.Target.ToPage(id)));
        }
    }

    private static ImportRow row(
            String key,
            Found.FoundPage page,
            ImportRow.Verdict verdict,
            String title,
            String leads,
            List<ImportRow.FieldChange> fields,
            String why) {
        return new ImportRow(key, ImportRow.Part.PAGES, page.spot(), page.level(), verdict, title, leads, fields, why);
    }

    /** What makes the pages; none where nothing is added or changed. */
    List<Change> changes() {
        List<Change> changes = new ArrayList<>();
        if (!fresh.isEmpty()) {
            changes.add(new Change.AddPages(fresh.stream().map(this::added).toList()));
        }
        edits.collect(changes::add);
        return changes;
    }

    private Change.NewPage added(Fresh page) {
        Found.Said said = page.page().said();
        boolean first = site.home() == null && page.equals(fresh.getFirst());
        String text = said.text() == null ? "" : TextLinks.kept(said.text(), page.page(), byPath, site);
        if (!text.isEmpty()) {
            texts.add(text);
        }
        return new Change.NewPage(
                page.id(),
                page.place(),
                said.kind() == PageKind.GROUP && !first ? PageKind.GROUP : PageKind.PAGE,
                page.title(),
                page.slug(),
                said.reach(),
                Boolean.TRUE.equals(said.keptFromSearchEngines()),
                "",
                text.isEmpty() ? null : TextHash.of(text));
    }
}
