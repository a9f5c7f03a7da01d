package velnik.core.site;

import java.util.List;
import java.util.stream.Stream;

/** Which menus stand in a zone, for which pages. There is one for each zone and scope. */
public record Assignment(Zone zone, Scope scope, Says says) {

    /** What tells an assignment from the others. */
    public record Key(Zone zone, Scope scope) {}

    /** What it makes of the menus that the wider assignments put there. */
    public sealed interface Says {
        List<PlacedMenu> menus();

        /** @param menus in the order they stand; empty for nothing */
        record Instead(List<PlacedMenu> menus) implements Says {
            public Instead {
                menus = List.copyOf(menus);
            }
        }

        record Around(List<PlacedMenu> before, List<PlacedMenu> after) implements Says {
            public Around {
                before = List.copyOf(before);
                after = List.copyOf(after);
            }

            @Override
            public List<PlacedMenu> menus() {
                return Stream.concat(before.stream(), after.stream()).toList();
            }
        }
    }

    public Key key() {
        return new Key(zone, scope);
    }

    public List<PlacedMenu> menus() {
        return says.menus();
    }

    /** One menu everywhere, as the zone would have it. */
    public static Assignment everywhere(Zone zone, MenuRowId menu) {
        return new Assignment(
                zone, new Scope.Everywhere(), new Says.Instead(List.of(new PlacedMenu(menu, Placing.AS_THE_ZONE))));
    }
}
