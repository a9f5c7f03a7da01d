package velnik.core.html;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.Stand;
import velnik.core.navigation.ZoneMenu;
import velnik.core.site.Device;
import velnik.core.site.Placing;
import velnik.core.site.Zone;

/**
 * A menu as a template writes it.
 *
 * @param device whose rows are written
 * @param only whether it is shown on that device alone
 * @param prefix of the ids in it, unlike that of every other menu on the page
 */
public record MenuView(ZoneMenu menu, Device device, boolean only, String prefix) {

    /** One view where all devices get the same, else one for each. */
    static List<MenuView> of(Zone zone, ZoneMenu menu, int number) {
        String prefix = zone.name().toLowerCase(Locale.ROOT) + number;
        return switch (zone) {
            case HEADER -> List.of(new MenuView(menu, Device.WIDE, false, prefix));
            case PHONE_DRAWER -> List.of(new MenuView(menu, Device.PHONE, false, prefix));
            case ABOVE, SIDEBAR, BESIDE, BELOW, FOOTER ->
                isSameEverywhere(menu.rows())
                        ? List.of(new MenuView(menu, Device.WIDE, false, prefix))
                        : Stream.of(Device.values())
                                .map(device -> new MenuView(menu, device, true, prefix + device.ordinal()))
                                .toList();
        };
    }

    private static boolean isSameEverywhere(List<NavigationRow> rows) {
        return rows.stream()
                .allMatch(row -> row.devices().size() == Device.values().length && isSameEverywhere(row.rows()));
    }

    public Placing.Form form() {
        return menu.stand().form();
    }

    /** Whether visitors see a button first. */
    public boolean isBehindButton() {
        return form() == Placing.Form.BUTTON || form() == Placing.Form.DRAWER;
    }

    /** What the style sheet goes by. */
    public String classes() {
        Stand stand = menu.stand();
        return Stream.of(
                        "menu",
                        // Behind its button a menu folds.
                        isBehindButton() ? "folding" : word(stand.form()),
                        "size-" + word(stand.size()),
                        "to-" + word(stand.alignment()),
                        stand.width() == Placing.Width.FULL ? "" : "width-" + word(stand.width()),
                        "gap-" + word(stand.gap()),
                        "if-long-" + word(stand.overflow()),
                        only ? "only-" + word(device) : "")
                .filter(name -> !name.isEmpty())
                .collect(Collectors.joining(" "));
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
