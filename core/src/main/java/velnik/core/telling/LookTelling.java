package velnik.core.telling;

import static velnik.core.telling.Telling.WORDS;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velnik.core.change.LookChange;
import velnik.core.explanation.Words;
import velnik.core.navigation.Presentation;
import velnik.core.site.Look;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing.Form;
import velnik.core.site.Site;
import velnik.core.site.Token;
import velnik.core.site.Zone;

/**
 * How another look is told, and what was tuned of one: which menus of the header stand otherwise in it. All looks have all zones and show all
 * levels, so there is nothing that finds no place.
 */
final class LookTelling {
    private LookTelling() {}

    static Telling of(LookChange change, Site after) {
        return switch (change) {
            case LookChange.SetLook set -> chosen(set.look(), after);
            case LookChange.SetToken(Token token, String typed) -> {
                @Nullable String value = after.details().tuning().get(token);
                yield Telling.say(
                        value == null && token.kind().isOfLook() ? "SetToken.own" : "SetToken",
                        Map.of("token", Words.token(token), "value", Words.tokenValue(token, value)));
            }
        };
    }

    private static Telling chosen(Look look, Site after) {
        List<String> menus = after.assignments().stream()
                .filter(assignment -> assignment.zone() == Zone.HEADER)
                .flatMap(assignment -> assignment.menus().stream())
                .filter(placed -> Presentation.of(Zone.HEADER, placed.placing()).form() == Form.ACROSS)
                .map(PlacedMenu::menu)
                .distinct()
                .filter(menu -> stands(after, menu))
                .map(menu -> Words.menu(after, menu))
                .toList();
        return Telling.say(
                switch (look) {
                    case STAITHE -> "SetLook.STAITHE";
                    case WEIR -> "SetLook.WEIR";
                    case TOWPATH -> "SetLook.TOWPATH";
                    case TIDETABLE -> "SetLook.TIDETABLE";
                },
                Map.of("look", Words.look(look), "count", menus.size(), "menus", WORDS.list(menus)));
    }

    private static boolean stands(Site site, MenuRowId menu) {
        return site.menus().find(menu).orElse(null) instanceof MenuRow.Menu standing && !standing.setAside();
    }
}
