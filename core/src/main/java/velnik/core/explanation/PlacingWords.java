package velnik.core.explanation;

import static java.util.stream.Collectors.joining;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import velnik.core.site.Assignment.Says;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Site;

/** How menus stand in a zone, in words, with all that is set about each. */
public final class PlacingWords {
    private PlacingWords() {}

    /** As in "Main (across, wide)"; two assignments that differ read otherwise. */
    public static String says(Site site, Says says) {
        return switch (says) {
            case Says.Instead(List<PlacedMenu> menus) -> menus.isEmpty() ? "no menu" : menus(site, menus);
            case Says.Around(List<PlacedMenu> before, List<PlacedMenu> after) ->
                Stream.of(
                                before.isEmpty() ? "" : menus(site, before) + " before",
                                after.isEmpty() ? "" : menus(site, after) + " after")
                        .filter(part -> !part.isEmpty())
                        .collect(joining(" and "));
        };
    }

    /** As in "Main (across, wide), Tides". */
    public static String menus(Site site, List<PlacedMenu> menus) {
        return menus.stream()
                .map(placed -> {
                    String how = placing(placed.placing());
                    return Words.menu(site, placed.menu()) + (how.isEmpty() ? "" : " (" + how + ")");
                })
                .collect(joining(", "));
    }

    private static String placing(Placing placing) {
        return Stream.of(
                        placing.form().map(PlacingWords::form),
                        placing.size().map(PlacingWords::size),
                        placing.alignment().map(PlacingWords::alignment),
                        placing.width().map(PlacingWords::width),
                        placing.gap().map(PlacingWords::gap),
                        placing.margin().map(PlacingWords::margin),
                        placing.overflow().map(PlacingWords::overflow),
                        Optional.of("from level " + placing.fromLevel()).filter(from -> placing.fromLevel() > 1),
                        placing.levels().map(levels -> levels + (levels == 1 ? " level" : " levels")),
                        Optional.of("the visited branch alone").filter(alone -> placing.currentBranchOnly()))
                .flatMap(Optional::stream)
                .collect(joining(", "));
    }

    private static String form(Placing.Form form) {
        return switch (form) {
            case ACROSS -> "across";
            case DOWN -> "down";
            case FOLDING -> "folding";
            case FLYING_OUT -> "flying out";
            case COLUMNS -> "in columns";
            case BUTTON -> "behind a button";
            case DRAWER -> "in a drawer";
        };
    }

    private static String size(Placing.Size size) {
        return switch (size) {
            case SMALL -> "small";
            case NORMAL -> "normal size";
            case LARGE -> "large";
        };
    }

    private static String alignment(Placing.Alignment alignment) {
        return switch (alignment) {
            case START -> "at the start";
            case CENTRE -> "in the middle";
            case END -> "at the end";
            case SPREAD -> "spread";
        };
    }

    private static String width(Placing.Width width) {
        return switch (width) {
            case NARROW -> "narrow";
            case MEDIUM -> "medium wide";
            case WIDE -> "wide";
            case FULL -> "as wide as the zone";
        };
    }

    private static String gap(Placing.Gap gap) {
        return switch (gap) {
            case TIGHT -> "tight";
            case NORMAL -> "normal gaps";
            case WIDE -> "wide gaps";
        };
    }

    private static String margin(Placing.Margin margin) {
        return switch (margin) {
            case NONE -> "no margins";
            case NORMAL -> "normal margins";
            case WIDE -> "wide margins";
        };
    }

    private static String overflow(Placing.Overflow overflow) {
        return switch (overflow) {
            case WRAP -> "wraps";
            case MORE -> "ends in “More”";
            case FOLD -> "folds to a button";
        };
    }
}
