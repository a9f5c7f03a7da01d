package velnik.core.importing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import velnik.core.change.MenuChange;
import velnik.core.explanation.Words;
import velnik.core.importing.TableReader.Column;
import velnik.core.importing.TableReader.Row;
import velnik.core.site.Appearance;
import velnik.core.site.Device;
import velnik.core.site.Icons;
import velnik.core.site.Limits;
import velnik.core.text.Line;

/** Tables of the items of menus. */
final class ItemTable {
    private ItemTable() {}

    static FileRead menus(List<Row> rows, List<Found.Aside> asides) {
        Map<String, List<Row>> menus = rows.stream()
                .collect(Collectors.groupingBy(row -> row.cell(Column.MENU), LinkedHashMap::new, Collectors.toList()));
        return Found.NOTHING.with(found -> found.menus(menus.entrySet().stream()
                        .map(menu -> new Found.FoundMenu(
                                menu.getValue().getFirst().spot(),
                                menu.getKey(),
                                null,
                                Levels.sound(items(menu.getValue()))))
                        .toList())
                .asides(asides));
    }

    private static List<Found.FoundItem> items(List<Row> rows) {
        return rows.stream()
                .map(row -> new Found.FoundItem(
                        row.spot(),
                        Levels.of(row.cell(Column.LEVEL)),
                        row.cell(Column.LABEL),
                        row.cell(Column.LEADS_TO).isEmpty() ? row.cell(Column.ADDRESS) : row.cell(Column.LEADS_TO),
                        look(row),
                        row.cell(Column.PICTURE)))
                .toList();
    }

    /** As far as cells say what an item can be and does not begin with. */
    private static MenuChange.ItemEdit look(Row row) {
        return MenuChange.ItemEdit.of(look -> {
            Stream.of(Device.values())
                    .map(Set::of)
                    .filter(devices -> Words.devices(devices).equalsIgnoreCase(row.cell(Column.ON)))
                    .forEach(look::devices);
            Optional.of(row.cell(Column.ICON)).filter(Icons.ALL::contains).ifPresent(look::icon);
            Optional.of(Line.cleaned(row.cell(Column.NOTE)))
                    .filter(note -> !note.isEmpty() && note.length() <= Limits.TITLE)
                    .ifPresent(look::note);
            Optional.of(row.cell(Column.HOOK))
                    .filter(hook -> !hook.isEmpty() && Appearance.isHook(hook))
                    .ifPresent(look::hook);
            if (row.cell(Column.ACCENT).equalsIgnoreCase("accent")) {
                look.accent(true);
            }
            if (row.cell(Column.TAB).equalsIgnoreCase("new")) {
                look.newTab(true);
            }
            meant(row.cell(Column.ENGINES), Appearance.Relation.values(), Words::relation)
                    .ifPresent(look::relation);
            meant(row.cell(Column.ARRANGEMENT), Appearance.Arrangement.values(), Words::arrangement)
                    .ifPresent(look::arrangement);
            meant(row.cell(Column.OPENS), Appearance.Panel.values(), Words::panel)
                    .ifPresent(look::panel);
        });
    }

    /** What a word means; nothing where that is the first, with which items begin. */
    private static <E extends Enum<E>> Optional<E> meant(String word, E[] all, Function<E, String> words) {
        return Stream.of(all)
                .skip(1)
                .filter(each -> words.apply(each).equalsIgnoreCase(word))
                .findFirst();
    }
}
