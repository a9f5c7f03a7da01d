package velnik.core.site;

import java.util.Optional;

/**
 * How a menu stands in a zone. What is empty is as the zone has it.
 *
 * @param fromLevel the level of the menu whose items come to the front, from 1
 * @param levels how many levels show from there, from 1
 * @param currentBranchOnly whether only what is under the row on the way to the visited page shows
 */
public record Placing(
        Optional<Form> form,
        Optional<Size> size,
        Optional<Alignment> alignment,
        Optional<Width> width,
        Optional<Gap> gap,
        Optional<Margin> margin,
        Optional<Overflow> overflow,
        int fromLevel,
        Optional<Integer> levels,
        boolean currentBranchOnly) {

    public static final Placing AS_THE_ZONE = new Placing(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            1,
            Optional.empty(),
            false);

    public Placing {
        if (fromLevel < 1 || fromLevel > Limits.LEVELS) {
            throw new IllegalArgumentException("a level is 1 to " + Limits.LEVELS + ", not " + fromLevel);
        }
        if (levels.isPresent() && (levels.get() < 1 || levels.get() > Limits.LEVELS)) {
            throw new IllegalArgumentException("1 to " + Limits.LEVELS + " levels show, not " + levels.get());
        }
    }

    public Placing withForm(Form newForm) {
        return new Placing(
                Optional.of(newForm),
                size,
                alignment,
                width,
                gap,
                margin,
                overflow,
                fromLevel,
                levels,
                currentBranchOnly);
    }

    /** Another part of the menu: from a level on, or only the branch of the visited page. */
    public Placing withPart(int newFromLevel, boolean newCurrentBranchOnly) {
        return new Placing(
                form, size, alignment, width, gap, margin, overflow, newFromLevel, levels, newCurrentBranchOnly);
    }

    /** How the items of the first level are laid out. */
    public enum Form {
        /** In a row; what is beneath opens under it. */
        ACROSS,
        /** One under the other, all levels open. */
        DOWN,
        /** One under the other; what is beneath unfolds in place. */
        FOLDING,
        /** One under the other; what is beneath opens beside it, and in place where there is no room beside it. */
        FLYING_OUT,
        /** Side by side, each with what is beneath it under it. */
        COLUMNS,
        /** Behind one button, under which it opens. */
        BUTTON,
        /** Behind one button that draws it out at the side of the screen where the menu stands. */
        DRAWER
    }

    /** Of the type. */
    public enum Size {
        SMALL,
        NORMAL,
        LARGE
    }

    /** Along the zone, in the direction of reading. */
    public enum Alignment {
        START,
        CENTRE,
        END,
        SPREAD
    }

    /** At most, however wide the zone is. */
    public enum Width {
        NARROW,
        MEDIUM,
        WIDE,
        /** As wide as the zone. */
        FULL
    }

    /** Between items. */
    public enum Gap {
        TIGHT,
        NORMAL,
        WIDE
    }

    /** Before the first item and after the last, down the page. */
    public enum Margin {
        NONE,
        NORMAL,
        WIDE
    }

    /** What a row does that is longer than the zone is wide. */
    public enum Overflow {
        WRAP,
        /** The last items go behind a "More". */
        MORE,
        /** The whole row folds to a button. */
        FOLD
    }
}
