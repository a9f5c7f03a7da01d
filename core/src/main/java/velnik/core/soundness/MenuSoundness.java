package velnik.core.soundness;

import static java.util.Objects.requireNonNull;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import velnik.core.address.Links;
import velnik.core.change.Refusal;
import velnik.core.draft.MenuChecks;
import velnik.core.outline.Branch;
import velnik.core.site.Assignment;
import velnik.core.site.ItemKind;
import velnik.core.site.LayoutId;
import velnik.core.site.Limits;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.text.Line;
import velnik.core.text.Shortened;

/** Whether the menus of a site hold together, and where they stand. */
final class MenuSoundness {
    private static final int NAMED = 60;

    private final Site site;
    private final BiConsumer<String, Map<String, ?>> tell;

    MenuSoundness(Site site, BiConsumer<String, Map<String, ?>> tell) {
        this.site = site;
        this.tell = tell;
    }

    void all() {
        boolean whole = true;
        for (Branch<MenuRowId, MenuRow> row : site.menus().walk()) {
            boolean top = row.parent() == null;
            if (row.value() instanceof MenuRow.Menu != top) {
                tell.accept("row", Map.of("id", row.id().value()));
                whole = false;
            }
        }
        if (whole) { // what follows takes rows at the top for menus
            menus();
            assignments();
        }
    }

    private void menus() {
        Set<String> names = new HashSet<>();
        for (Branch<MenuRowId, MenuRow> row : site.menus().walk()) {
            switch (row.value()) {
                case MenuRow.Menu menu -> {
                    if (!names.add(menu.name().toLowerCase(Locale.ROOT))
                            || !Soundness.isLine(menu.name(), Limits.TITLE)) {
                        tell.accept("menu", Map.of("name", Shortened.to(NAMED, menu.name())));
                    }
                    refused(row.id(), MenuChecks.sound(site, Set.of(row.id())));
                }
                case MenuRow.Item item -> {
                    refused(row.id(), MenuChecks.depth(site, requireNonNull(row.parent()), 1));
                    refused(row.id(), MenuChecks.words(item.kind(), item.label()));
                    if (!leads(item.kind()) || !Soundness.isLine(item.label(), Limits.TITLE)) {
                        tell.accept(
                                "item",
                                Map.of("id", row.id().value(), "menu", MenuChecks.nameOf(site, site.menuOf(row.id()))));
                    }
                }
            }
        }
    }

    private void refused(MenuRowId row, Optional<Refusal> refusal) {
        refusal.ifPresent(why -> tell.accept(
                "refused", Map.of("menu", MenuChecks.nameOf(site, site.menuOf(row)), "why", why.sentence())));
    }

    /** Pages and files may be gone; an address is one that edits let in. */
    private static boolean leads(ItemKind kind) {
        return switch (kind) {
            case ItemKind.WebLink(String address) ->
                switch (Links.read(address, "")) {
                    case Links.Read.Web web -> true;
                    case Links.Read.OfThisSite own -> true;
                    default -> false;
                };
            case ItemKind.Mail(String address) -> Links.read("mailto:" + address, "") instanceof Links.Read.Mail;
            case ItemKind.Phone(String number) ->
                Links.read(number.startsWith("sms:") ? number : "tel:" + number, "") instanceof Links.Read.Phone;
            case ItemKind.Block.Words(String words) ->
                !words.isEmpty()
                        && words.length() <= Limits.BLOCK_WORDS
                        && Line.each(words).equals(words);
            default -> true;
        };
    }

    /** Menus and pages of them may be gone. */
    private void assignments() {
        Set<Assignment.Key> keys = new HashSet<>();
        for (Assignment assignment : site.assignments()) {
            List<MenuRowId> menus =
                    assignment.menus().stream().map(PlacedMenu::menu).toList();
            if (!keys.add(assignment.key())
                    || (assignment.scope() instanceof Scope.OfLayout(LayoutId layout) && !site.hasLayout(layout))
                    || new HashSet<>(menus).size() < menus.size()) {
                tell.accept(
                        "assignment",
                        Map.of(
                                "zone",
                                assignment.zone().word(),
                                "scope",
                                Shortened.to(NAMED, assignment.scope().word())));
            }
        }
    }
}
