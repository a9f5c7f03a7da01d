package velnik.core.finding;

import static java.util.stream.Collectors.toMap;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.content.LinkedTexts;
import velnik.core.content.Standing;
import velnik.core.explanation.Labels;
import velnik.core.figure.Clicks;
import velnik.core.files.FileUses;
import velnik.core.finding.Finding.Level;
import velnik.core.navigation.Absence;
import velnik.core.navigation.SiteNavigation;
import velnik.core.navigation.Whereabouts;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/** Looks a site over, page by page. Costs O(pages × levels + items). */
public final class Findings {
    /** As many clicks from the home page as people still make. */
    public static final int NEAR = 3;

    private final Site site;
    private final Openings openings;
    private final Whereabouts whereabouts;
    private final Clicks clicks;
    private final LinkedTexts texts;
    private final Set<PageId> linked;
    private final Map<PageId, List<MenuRowId>> toPlaces;
    private final Map<FileId, SiteFile> files;
    private final List<Finding> found = new ArrayList<>();

    private Findings(Site site, Openings openings, Whereabouts whereabouts, Clicks clicks, LinkedTexts texts) {
        this.site = site;
        this.openings = openings;
        this.whereabouts = whereabouts;
        this.clicks = clicks;
        this.texts = texts;
        this.linked = linked();
        this.toPlaces = toPlaces();
        this.files = site.files().stream().collect(toMap(SiteFile::id, file -> file));
    }

    /**
     * All findings about pages.
     *
     * @param navigation of the site at the moment asked about; {@code whereabouts} and {@code clicks} likewise
     * @return in the order of the page tree, those of one page the most pressing first
     */
    public static List<Finding> of(
            Site site, SiteNavigation navigation, Whereabouts whereabouts, Clicks clicks, LinkedTexts texts) {
        Findings findings = new Findings(site, navigation.openings(), whereabouts, clicks, texts);
        site.pages().walk().forEach(findings::look);
        return List.copyOf(findings.found);
    }

    /** The pages that the text of another links to, if visitors get that one. */
    private Set<PageId> linked() {
        Set<PageId> linked = new HashSet<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            if (row.value().text() != null
                    && Access.of(site, row.id(), openings).isGettable()) {
                texts.pages(site, row.value()).stream()
                        .filter(page -> !page.equals(row.id()))
                        .forEach(linked::add);
            }
        }
        return linked;
    }

    /** For each page the items that lead to places on it. */
    private Map<PageId, List<MenuRowId>> toPlaces() {
        Map<PageId, List<MenuRowId>> toPlaces = new HashMap<>();
        for (Branch<MenuRowId, MenuRow> row : site.menus().walk()) {
            if (row.value() instanceof MenuRow.Item item
                    && item.kind() instanceof ItemKind.ToPlace(PageId page, String name)) {
                toPlaces.computeIfAbsent(page, none -> new ArrayList<>()).add(row.id());
            }
        }
        return toPlaces;
    }

    private void look(Branch<PageId, Page> row) {
        int before = found.size();
        Access access = Access.of(site, row.id(), openings);
        List<Whereabouts.Place> standing = whereabouts.of(row.id()).stream()
                .filter(place -> !place.zones().isEmpty())
                .toList();
        if (access.isGettable() && !row.value().kind().isBuiltIn()) {
            lookAtTheWay(row, access, standing);
        }
        lookAtPeriods(row, access);
        lookAtItems(row, standing);
        lookAtLinks(row, access);
        lookAtPlaces(row, access);
        lookAtForm(row);
        lookAtFiles(row, access);
        found.subList(before, found.size()).sort((one, other) -> one.level().compareTo(other.level()));
    }

    private void lookAtTheWay(Branch<PageId, Page> row, Access access, List<Whereabouts.Place> standing) {
        if (row.value().kind() == PageKind.GROUP
                && Access.leadsOnTo(site, row.id(), openings, Visitor.MEMBER).isEmpty()) {
            note(row, Level.PROBLEM, new Reason.NothingOpen());
            return;
        }
        boolean isLedTo = site.isHome(row.id())
                || standing.stream().anyMatch(place -> !place.shownIn().isEmpty())
                || linked.contains(row.id())
                || toPlaces.getOrDefault(row.id(), List.of()).stream()
                        .anyMatch(item -> !whereabouts.zonesOf(item).isEmpty())
                || isListedByItsParent(row, access);
        if (!isLedTo) {
            note(
                    row,
                    access.reach() == Reach.OPEN ? Level.WARNING : Level.HINT,
                    access.reach() == Reach.OPEN ? new Reason.NothingLeadsHere() : new Reason.OnlyByAddress());
        }
        OptionalInt far = clicks.to(row.id());
        if (far.isPresent() && far.getAsInt() > NEAR) {
            note(row, Level.HINT, new Reason.Far(far.getAsInt()));
        }
    }

    /** A page lists its subpages below its text; a group has no page of its own, and the home page lists none. */
    private boolean isListedByItsParent(Branch<PageId, Page> row, Access access) {
        @Nullable PageId parent = row.parent();
        return parent != null
                && access.isListed()
                && !site.isHome(parent)
                && site.pages().get(parent).kind() == PageKind.PAGE;
    }

    private void lookAtPeriods(Branch<PageId, Page> row, Access access) {
        List<Period> periods = Access.periodsOf(site, row);
        if (periods.isEmpty() || access.reach() == Reach.HELD_BACK) {
            return;
        }
        Optional<Instant> opening = openings.nextOpening(periods);
        if (!openings.run(periods)) {
            if (opening.isEmpty()) {
                note(row, Level.HINT, new Reason.OverForGood());
            }
            opening.flatMap(then -> closedAt(row, then))
                    .ifPresent(above -> note(row, Level.WARNING, new Reason.OpensBefore(above)));
        } else if (access.closedBy() != null) {
            note(row, Level.WARNING, new Reason.OpensBefore(access.closedBy()));
        }
    }

    private Optional<PageId> closedAt(Branch<PageId, Page> row, Instant then) {
        return Optional.ofNullable(
                Access.of(site, row.id(), Openings.at(site, then)).closedBy());
    }

    private void lookAtItems(Branch<PageId, Page> row, List<Whereabouts.Place> standing) {
        Set<String> told = new HashSet<>();
        Set<List<String>> places = new HashSet<>();
        for (Whereabouts.Place place : standing) {
            String menu = place.menuName();
            if (place.absence().filter(Findings::isUnintended).isPresent() && told.add(menu)) {
                note(
                        row,
                        Level.WARNING,
                        new Reason.ItemUnseen(menu, place.absence().get()));
            }
            if (!place.shownIn().isEmpty()) {
                List<String> where = new ArrayList<>(place.path());
                where.add(place.menu().value());
                if (!places.add(where)) {
                    note(row, Level.WARNING, new Reason.TwiceInAPlace(menu));
                }
                boolean keptByTheOwner = row.value().keptFromSearchEngines()
                        && !row.value().kind().isBuiltIn();
                if (keptByTheOwner && place.shownIn().contains(Zone.HEADER) && told.add(menu)) {
                    note(row, Level.HINT, new Reason.KeptFromSearchEngines(menu));
                }
            }
        }
    }

    private void lookAtLinks(Branch<PageId, Page> row, Access access) {
        if (!access.isGettable()) {
            return;
        }
        for (PageId page : texts.pages(site, row.value())) {
            if (!site.pages().contains(page)) {
                note(row, Level.PROBLEM, new Reason.LinkGone());
            } else if (Access.of(site, page, openings).reach() == Reach.HELD_BACK) {
                note(row, Level.WARNING, new Reason.LinkUnseen(page));
            }
        }
    }

    private void lookAtForm(Branch<PageId, Page> row) {
        if (row.value().form() == null && texts.hasPlaceFor(Standing.FORM, row.value())) {
            note(row, Level.WARNING, new Reason.FormMissing());
        }
    }

    private void lookAtPlaces(Branch<PageId, Page> row, Access access) {
        if (!access.isGettable()) {
            return;
        }
        texts.linked(site, row).stream()
                .filter(link -> site.pages().contains(link.page()))
                .filter(link ->
                        link.name().filter(name -> isGone(link.page(), name)).isPresent())
                .forEach(link -> note(
                        row,
                        Level.WARNING,
                        new Reason.PlaceGone(link.page(), link.name().orElseThrow())));
        for (MenuRowId id : toPlaces.getOrDefault(row.id(), List.of())) {
            if (site.item(id).kind() instanceof ItemKind.ToPlace(PageId page, String name) && isGone(page, name)) {
                String menu = Labels.of(site, site.menuOf(id));
                note(row, Level.WARNING, new Reason.ItemPlaceGone(menu, Labels.of(site, id), name));
            }
        }
    }

    private boolean isGone(PageId page, String name) {
        return texts.places(site.pages().get(page)).stream()
                .noneMatch(place -> place.name().equals(name));
    }

    private void lookAtFiles(Branch<PageId, Page> row, Access access) {
        if (!access.isGettable()) {
            return;
        }
        Set<FileId> named = FileUses.named(site, row.value(), texts);
        if (!files.keySet().containsAll(named)) {
            note(row, Level.PROBLEM, new Reason.FileGone());
        }
        named.stream()
                .flatMap(id -> Optional.ofNullable(files.get(id)).stream())
                .filter(file -> file.content().isPicture() && file.alternative() == null)
                .forEach(file -> note(row, Level.WARNING, new Reason.PictureUnsaid(file.name())));
    }

    /** Hidden by the owner, or closed for a while, is as it should be; an empty group is told for itself. */
    private static boolean isUnintended(Absence absence) {
        return absence instanceof Absence.PageHeldBack || absence instanceof Absence.ForNobody;
    }

    private void note(Branch<PageId, Page> row, Level level, Reason reason) {
        found.add(new Finding(row.id(), level, reason));
    }
}
