package velnik.core.importing;

import static java.util.Objects.requireNonNull;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.entry.ItemReading;
import velnik.core.explanation.Words;
import velnik.core.outline.Place;
import velnik.core.site.Assignment;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.core.text.Line;
import velnik.core.text.Messages;

/** Menus of a file as menus of a site, each with the zone it stands in; or all rows as items of one menu. */
final class MenusImport {
    private static final Messages WORDS = Messages.of(ImportPlan.class);

    private record Holder(int level, MenuRowId id, int depth) {}

    private final Site site;
    private final ImportChoices choices;
    private final UnaryOperator<String> ids;
    private final Function<String, Optional<PageId>> byPath;
    private final ItemReading reading;
    private final Set<String> names = new HashSet<>();
    /** By their names, as far as one alone is called so. */
    private final Map<String, FileId> pictures = new HashMap<>();

    private final Map<MenuChange.ItemEdit, List<MenuChange.RowName>> looks = new LinkedHashMap<>();
    private final List<Change> changes = new ArrayList<>();
    /** The menu that was added before. */
    private @Nullable MenuRowId last;

    private final List<ImportRow> rows = new ArrayList<>();

    /**
     * @param site with the pages that are read in along with the menus
     * @param byPath the page that a path of the file has become
     */
    MenusImport(
            Site site, ImportChoices choices, UnaryOperator<String> ids, Function<String, Optional<PageId>> byPath) {
        this.site = site;
        this.choices = choices;
        this.ids = ids;
        this.byPath = byPath;
        this.reading = new ItemReading(site);
        Set<String> twice = new HashSet<>();
        site.files().stream().filter(file -> file.content().isPicture()).forEach(picture -> {
            if (pictures.put(picture.name(), picture.id()) != null) {
                twice.add(picture.name());
            }
        });
        pictures.keySet().removeAll(twice);
        site.menus().top().forEach(menu -> {
            if (menu.value() instanceof MenuRow.Menu named) {
                names.add(named.name().toLowerCase(Locale.ROOT));
            }
        });
    }

    List<ImportRow> rows() {
        return rows;
    }

    List<Change> changes() {
        List<Change> all = new ArrayList<>(changes);
        looks.forEach((look, items) -> all.add(new MenuChange.SetItems(items, look)));
        return all;
    }

    /** Each as a menu of its own, in the zone it stands in. */
    void plan(List<Found.FoundMenu> menus) {
        Map<Zone, List<MenuRowId>> zones = new LinkedHashMap<>();
        Map<Zone, List<String>> named = new LinkedHashMap<>();
        for (int i = 0; i < menus.size(); i++) {
            Found.FoundMenu menu = menus.get(i);
            String key = "m" + i;
            boolean out = choices.without().contains(key);
            String name = free(menu.name());
            rows.add(new ImportRow(
                    key,
                    ImportRow.Part.ITEMS,
                    menu.spot(),
                    1,
                    out ? ImportRow.Verdict.LEFT_OUT : ImportRow.Verdict.ADD,
                    name,
                    WORDS.say("newMenu"),
                    List.of(),
                    ""));
            if (!out) {
                MenuRowId id = new MenuRowId(ids.apply(key));
                changes.add(new MenuChange.AddMenu(id, lastMenu(), name));
                items(key, menu.items(), new Place<>(id, null), 2);
                if (menu.zone() != null) {
                    zones.computeIfAbsent(menu.zone(), any -> new ArrayList<>()).add(id);
                    named.computeIfAbsent(menu.zone(), any -> new ArrayList<>()).add(name);
                }
                last = id;
            } else {
                leftOut(key, menu.items());
            }
        }
        zones.forEach((zone, ofZone) -> show(zone, ofZone, named.getOrDefault(zone, List.of())));
    }

    /** They are told all the same, so that they are there to be taken again. */
    private void leftOut(String prefix, List<Found.FoundItem> items) {
        for (int i = 0; i < items.size(); i++) {
            Found.FoundItem item = items.get(i);
            boolean heads = i + 1 < items.size() && items.get(i + 1).level() > item.level();
            tell(prefix + "-" + i, item, item.level() + 1, ImportRow.Verdict.LEFT_OUT, meant(item, heads), null);
        }
    }

    private @Nullable MenuRowId lastMenu() {
        return last != null || site.menus().top().isEmpty()
                ? last
                : site.menus().top().getLast().id();
    }

    private String free(String wanted) {
        String cleaned = Line.cleaned(wanted);
        String base = cleaned.isEmpty() || cleaned.length() > Limits.TITLE - 4 ? WORDS.say("menu") : cleaned;
        String name = base;
        for (int number = 2; !names.add(name.toLowerCase(Locale.ROOT)); number++) {
            name = base + " " + number;
        }
        return name;
    }

    private void show(Zone zone, List<MenuRowId> menus, List<String> named) {
        String key = "z" + zone.name();
        boolean out = choices.without().contains(key);
        Optional<Assignment> there = site.findAssignment(new Assignment.Key(zone, new Scope.Everywhere()));
        String before = WORDS.list(there.map(Assignment::menus).orElse(List.of()).stream()
                .map(placed -> Words.menu(site, placed.menu()))
                .toList());
        String after = WORDS.list(named);
        rows.add(new ImportRow(
                key,
                ImportRow.Part.ZONES,
                Found.Spot.NOWHERE,
                1,
                out ? ImportRow.Verdict.LEFT_OUT : there.isPresent() ? ImportRow.Verdict.CHANGE : ImportRow.Verdict.ADD,
                Words.capital(Words.zone(zone)),
                Words.scope(site, new Scope.Everywhere()),
                List.of(new ImportRow.FieldChange(WORDS.say("field.shows"), before, after)),
                ""));
        if (!out) {
            changes.add(new MenuChange.AssignMenus(
                    zone,
                    new Scope.Everywhere(),
                    new Assignment.Says.Instead(menus.stream()
                            .map(menu -> new PlacedMenu(menu, Placing.AS_THE_ZONE))
                            .toList())));
        }
    }

    /** All rows as items of one menu. */
    void plan(Found found, Destination.Items destination) {
        List<Found.FoundItem> items = items(found);
        switch (destination) {
            case Destination.OfMenu(MenuRowId menu) -> items("m", items, site.endOfOrdinary(menu), 1);
            case Destination.OfNewMenu(String name) ->
                plan(List.of(new Found.FoundMenu(Found.Spot.NOWHERE, name, null, items)));
        }
    }

    private static List<Found.FoundItem> items(Found found) {
        if (!found.menus().isEmpty()) {
            return found.menus().stream().flatMap(menu -> menu.items().stream()).toList();
        }
        return found.pages().stream()
                .map(page -> page.typed().isEmpty()
                        ? new Found.FoundItem(page.spot(), page.level(), page.title(), page.path())
                        : new Found.FoundItem(page.spot(), page.level(), "", page.typed()))
                .toList();
    }

    /** @param over level of the rows above all of them */
    private void items(String prefix, List<Found.FoundItem> items, Place<MenuRowId> first, int over) {
        MenuRowId menu = requireNonNull(first.parent());
        int room = site.menus().contains(menu)
                ? Limits.ITEMS - site.menus().walk(menu).size() + 1
                : Limits.ITEMS;
        List<MenuChange.NewItem> fresh = new ArrayList<>();
        Map<MenuRowId, MenuRowId> lastUnder = new LinkedHashMap<>();
        Deque<Holder> open = new ArrayDeque<>();
        open.addLast(new Holder(0, menu, 0));
        if (first.after() != null) {
            lastUnder.put(menu, first.after());
        }
        for (int i = 0; i < items.size(); i++) {
            Found.FoundItem item = items.get(i);
            while (open.getLast().level() >= item.level()) {
                open.removeLast();
            }
            String key = prefix + "-" + i;
            Holder holder = open.getLast();
            boolean heads = i + 1 < items.size() && items.get(i + 1).level() > item.level();
            ItemReading.Meant meant = meant(item, heads);
            @Nullable String refused = refused(meant, holder.depth() + 1, fresh.size() >= room);
            ImportRow.Verdict verdict = choices.without().contains(key)
                    ? ImportRow.Verdict.LEFT_OUT
                    : refused == null ? ImportRow.Verdict.ADD : ImportRow.Verdict.REFUSE;
            tell(key, item, item.level() + over - 1, verdict, meant, refused);
            if (verdict == ImportRow.Verdict.ADD) {
                MenuRowId id = new MenuRowId(ids.apply(key));
                Place<MenuRowId> place = new Place<>(holder.id(), lastUnder.get(holder.id()));
                fresh.add(new MenuChange.NewItem(id, place, null, meant.kind(), meant.label()));
                lastUnder.put(holder.id(), id);
                open.addLast(new Holder(item.level(), id, holder.depth() + 1));
                look(item, id);
            }
        }
        if (!fresh.isEmpty()) {
            changes.add(new MenuChange.AddItems(fresh));
        }
    }

    private void look(Found.FoundItem item, MenuRowId id) {
        @Nullable FileId picture = pictures.get(item.picture());
        MenuChange.ItemEdit look =
                picture == null ? item.look() : item.look().with(edit -> edit.picture(picture.value()));
        if (!look.equals(MenuChange.ItemEdit.NOTHING)) {
            looks.computeIfAbsent(look, any -> new ArrayList<>()).add(new MenuChange.RowName(id, null));
        }
    }

    private ItemReading.Meant meant(Found.FoundItem item, boolean heads) {
        String target = item.target();
        Optional<PageId> page = target.startsWith("/") && !target.contains("#") && !target.contains("?")
                ? byPath.apply(WebPath.ofPage(target))
                : Optional.empty();
        if (page.isPresent()) {
            return reading.toPage(page.get(), Line.cleaned(item.label()));
        }
        return item.label().isEmpty()
                ? reading.line(target, heads)
                : reading.item(Line.cleaned(item.label()), target, heads);
    }

    private static @Nullable String refused(ItemReading.Meant meant, int depth, boolean full) {
        if (meant.refused() != null) {
            return meant.refused();
        }
        boolean words = meant.kind() instanceof ItemKind.Heading || meant.kind() instanceof ItemKind.Text;
        if (words && Line.cleaned(meant.label()).isEmpty()) {
            return WORDS.say("wordless");
        }
        if (meant.label().length() > Limits.TITLE) {
            return WORDS.say("labelLong", Map.of("characters", meant.label().length(), "limit", Limits.TITLE));
        }
        if (depth > Limits.LEVELS) {
            return WORDS.say("itemDeep", Map.of("level", depth, "limit", Limits.LEVELS));
        }
        return full ? WORDS.say("menuFull", Map.of("limit", Limits.ITEMS)) : null;
    }

    private void tell(
            String key,
            Found.FoundItem item,
            int level,
            ImportRow.Verdict verdict,
            ItemReading.Meant meant,
            @Nullable String refused) {
        rows.add(new ImportRow(
                key,
                ImportRow.Part.ITEMS,
                item.spot(),
                level,
                verdict,
                reads(item, meant),
                refused == null ? ItemReading.leads(site, meant.kind()) : item.target(),
                List.of(),
                refused == null ? remark(item, meant) : refused));
    }

    private String reads(Found.FoundItem item, ItemReading.Meant meant) {
        if (meant.refused() != null && !item.label().isEmpty()) {
            return item.label();
        }
        return meant.label().isEmpty() ? ItemReading.followed(site, meant.kind()) : meant.label();
    }

    private String remark(Found.FoundItem item, ItemReading.Meant meant) {
        if (meant.kind() instanceof ItemKind.WebLink(String address) && address.startsWith("/")) {
            return WORDS.say("nothingThere");
        }
        if (!item.picture().isEmpty() && !pictures.containsKey(item.picture())) {
            return WORDS.say("noPicture", Map.of("picture", item.picture()));
        }
        return item.look().newTab().orElse(false) ? WORDS.say("newTab") : "";
    }
}
