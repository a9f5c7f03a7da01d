package velnik.core.compare;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import velnik.core.site.Appearance;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.MenuRow;

/** The fields of menus and items one by one, for those who must not disturb a field that somebody else changed. */
public final class MenuRowFields {
    private MenuRowFields() {}

    /**
     * The names of the fields in which two versions of a row differ. Which pages joined a menu is no field: nobody sets
     * it, and two people may each add a page that joins.
     */
    public static List<String> differing(MenuRow one, MenuRow other) {
        List<String> differing = new ArrayList<>();
        if (one instanceof MenuRow.Menu a && other instanceof MenuRow.Menu b) {
            note(differing, "name", a.name(), b.name());
            note(differing, "setAside", a.setAside(), b.setAside());
            note(differing, "joinsFrom", a.joining().from(), b.joining().from());
            note(differing, "joinsAt", a.joining().spot(), b.joining().spot());
            note(differing, "newItems", a.newItems(), b.newItems());
        } else if (one instanceof MenuRow.Item a && other instanceof MenuRow.Item b) {
            note(differing, "kind", a.kind(), b.kind());
            note(differing, "label", a.label(), b.label());
            note(differing, "hidden", a.appearance().hidden(), b.appearance().hidden());
            note(
                    differing,
                    "appearance",
                    a.appearance().withHidden(false),
                    b.appearance().withHidden(false));
            note(differing, "anchor", String.valueOf(a.anchor()), String.valueOf(b.anchor()));
        }
        return differing;
    }

    private static void note(List<String> differing, String name, Object one, Object other) {
        if (!one.equals(other)) {
            differing.add(name);
        }
    }

    /** As {@link PageFields#carry}. */
    public static Optional<MenuRow> carry(MenuRow before, MenuRow after, MenuRow present) {
        Carry carry = new Carry();
        if (before instanceof MenuRow.Menu b && after instanceof MenuRow.Menu a && present instanceof MenuRow.Menu p) {
            MenuRow carried = new MenuRow.Menu(
                    carry.pick(b.name(), a.name(), p.name()),
                    carry.pick(b.setAside(), a.setAside(), p.setAside()),
                    joining(carry, b.joining(), a.joining(), p.joining()),
                    appearance(carry, b.newItems(), a.newItems(), p.newItems()));
            return carry.clashed() ? Optional.empty() : Optional.of(carried);
        }
        if (before instanceof MenuRow.Item b && after instanceof MenuRow.Item a && present instanceof MenuRow.Item p) {
            MenuRow carried = new MenuRow.Item(
                    kind(carry, b.kind(), a.kind(), p.kind()),
                    carry.pick(b.label(), a.label(), p.label()),
                    appearance(carry, b.appearance(), a.appearance(), p.appearance()),
                    carry.pickNullable(b.anchor(), a.anchor(), p.anchor()));
            return carry.clashed() ? Optional.empty() : Optional.of(carried);
        }
        return Optional.empty();
    }

    private static Joining joining(Carry carry, Joining before, Joining after, Joining present) {
        return new Joining(
                carry.pick(before.from(), after.from(), present.from()),
                carry.pick(before.spot(), after.spot(), present.spot()),
                carry.pickEach(before.joined(), after.joined(), present.joined()));
    }

    private static ItemKind kind(Carry carry, ItemKind before, ItemKind after, ItemKind present) {
        if (before instanceof ItemKind.PageList b
                && after instanceof ItemKind.PageList a
                && present instanceof ItemKind.PageList p) {
            return new ItemKind.PageList(
                    carry.pick(b.source(), a.source(), p.source()),
                    carry.pick(b.levels(), a.levels(), p.levels()),
                    carry.pick(b.order(), a.order(), p.order()),
                    carry.pick(b.atMost(), a.atMost(), p.atMost()),
                    carry.pickEach(b.leftOut(), a.leftOut(), p.leftOut()),
                    carry.pickEach(b.dressed(), a.dressed(), p.dressed()));
        }
        return carry.pick(before, after, present);
    }

    private static Appearance appearance(Carry carry, Appearance before, Appearance after, Appearance present) {
        return new Appearance(
                carry.pick(before.hidden(), after.hidden(), present.hidden()),
                carry.pick(before.devices(), after.devices(), present.devices()),
                carry.pick(before.visitors(), after.visitors(), present.visitors()),
                carry.pick(before.beforeSignIn(), after.beforeSignIn(), present.beforeSignIn()),
                carry.pick(before.periods(), after.periods(), present.periods()),
                carry.pick(before.icon(), after.icon(), present.icon()),
                carry.pick(before.iconAlone(), after.iconAlone(), present.iconAlone()),
                carry.pick(before.weight(), after.weight(), present.weight()),
                carry.pick(before.farEnd(), after.farEnd(), present.farEnd()),
                carry.pick(before.newTab(), after.newTab(), present.newTab()),
                carry.pick(before.note(), after.note(), present.note()));
    }
}
