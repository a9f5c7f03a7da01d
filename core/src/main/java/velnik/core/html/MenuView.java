package velnik.core.html;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import velnik.core.navigation.Marks;
import velnik.core.navigation.Navigation;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.Presentation;
import velnik.core.navigation.ZoneMenu;
import velnik.core.site.Device;
import velnik.core.site.Look;
import velnik.core.site.Placing;
import velnik.core.site.Placing.Form;
import velnik.core.site.Zone;

/**
 * A menu as a template writes it.
 *
 * @param device whose rows are written
 * @param only whether it is shown on that device alone
 * @param marks where the page stands in it
 * @param form in which the look shows it there
 * @param prefix of the ids in it, unlike that of every other menu on the page
 * @param unfoldsHere whether the branch of this page is unfolded from the start
 */
public record MenuView(
        ZoneMenu menu, Device device, boolean only, Marks marks, Form form, String prefix, boolean unfoldsHere) {

    /** The menus of each zone, in order. */
    static Map<Zone, List<MenuView>> of(Navigation navigation, Look look) {
        Map<Zone, List<MenuView>> zones = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            List<MenuView> views = new ArrayList<>();
            for (ZoneMenu menu : navigation.in(zone)) {
                views.addAll(of(navigation, look, zone, menu, views.size()));
            }
            zones.put(zone, views);
        }
        return zones;
    }

    /** One view where all devices get the same, else one for each. */
    private static List<MenuView> of(Navigation navigation, Look look, Zone zone, ZoneMenu menu, int number) {
        Form form = look.shows(zone, menu.presentation().form());
        // What unfolds over the page would cover it from the start.
        boolean unfoldsHere = zone != Zone.HEADER || isBehindButton(form) || look.isHeaderBeside();
        String prefix = zone.name().toLowerCase(Locale.ROOT) + number;
        List<Device> devices = switch (zone) {
            case HEADER -> List.of(Device.WIDE);
            case PHONE_DRAWER -> List.of(Device.PHONE);
            case ABOVE, SIDEBAR, BESIDE, BELOW, FOOTER -> List.of(Device.values());
        };
        List<Device> shown = devices.stream()
                .filter(device -> menu.rows().stream().anyMatch(row -> row.isOn(device)))
                .toList();
        Function<Device, Marks> marks = device -> navigation.marks(zone, menu.menu(), device);
        boolean same = shown.size() > 1
                && isSameEverywhere(menu.rows())
                && marks.apply(Device.WIDE).equals(marks.apply(Device.PHONE));
        if (same) {
            return List.of(new MenuView(menu, Device.WIDE, false, marks.apply(Device.WIDE), form, prefix, unfoldsHere));
        }
        boolean only = devices.size() > 1;
        return shown.stream()
                .map(device -> new MenuView(
                        menu,
                        device,
                        only,
                        marks.apply(device),
                        form,
                        only ? prefix + device.ordinal() : prefix,
                        unfoldsHere))
                .toList();
    }

    private static boolean isSameEverywhere(List<NavigationRow> rows) {
        return rows.stream()
                .allMatch(row -> row.devices().size() == Device.values().length && isSameEverywhere(row.rows()));
    }

    /** The same where no row is marked. */
    MenuView unmarked() {
        return new MenuView(menu, device, only, Marks.NONE, form, prefix, unfoldsHere);
    }

    /** Whether visitors see a button first. */
    public boolean isBehindButton() {
        return isBehindButton(form);
    }

    private static boolean isBehindButton(Form form) {
        return form == Form.BUTTON || form == Form.DRAWER;
    }

    /** Whether what is beneath an item opens over the page, by its own button. */
    public boolean dropsOver() {
        return form == Form.ACROSS || form == Form.FLYING_OUT;
    }

    /** What the style sheet goes by. */
    public String classes() {
        Presentation presentation = menu.presentation();
        return Stream.of(
                        "menu",
                        // Behind its button a menu folds.
                        isBehindButton() ? "folding" : form == Form.FLYING_OUT ? "across flying-out" : word(form),
                        "size-" + word(presentation.size()),
                        "to-" + word(presentation.alignment()),
                        presentation.width() == Placing.Width.FULL ? "" : "width-" + word(presentation.width()),
                        "gap-" + word(presentation.gap()),
                        presentation.margin() == Placing.Margin.NONE ? "" : "margin-" + word(presentation.margin()),
                        form == Form.FLYING_OUT ? "" : "if-long-" + word(presentation.overflow()),
                        only ? "only-" + word(device) : "")
                .filter(name -> !name.isEmpty())
                .collect(Collectors.joining(" "));
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
