package velnik.core.fit;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * How wide words are in a face that ships, by the widths of its letters and by how pairs of them are moved together. The
 * figures are made from the fonts themselves by the shaper that browsers use.
 */
final class Face {
    private static final Map<String, Face> ALL = read();

    /** Of which there are figures; what lies between and beyond is reckoned from both. */
    private static final int REGULAR = 400;

    private static final int BOLD = 700;

    /** @param left its class where it goes before another letter, {@code right} where it comes after one */
    private record Letter(int file, int width, int left, int right) {}

    /**
     * Of one weight.
     *
     * @param units how many make an em
     * @param moves by file
     * @param near those letters that most labels are of, by their code
     */
    private record Figures(
            int units,
            Map<Integer, Letter> letters,
            List<Moves> moves,
            @Nullable Letter[] near) {
        private static final int NEAR = 0x250;

        Figures(int units, Map<Integer, Letter> letters, List<Moves> moves) {
            this(units, letters, moves, new Letter[NEAR]);
            Arrays.setAll(near, letters::get);
        }

        private @Nullable Letter letter(int code) {
            return code < NEAR ? near[code] : letters.get(code);
        }

        double width(String text) {
            double width = 0;
            @Nullable Letter before = null;
            for (int code : text.codePoints().toArray()) {
                @Nullable Letter letter = letter(code);
                width += letter == null ? Unknown.width(code) * units : letter.width();
                if (letter != null && before != null && before.file() == letter.file()) {
                    width += moves.get(letter.file()).between(before.left(), letter.right());
                }
                before = letter;
            }
            return width / units;
        }
    }

    /** @param by the class on the left, as far as one of it moves, then by that on the right, as far as one does */
    private record Moves(int[][] by) {
        private static final int[] NONE = {};

        int between(int left, int right) {
            return left < by.length && right < by[left].length ? by[left][right] : 0;
        }

        static Moves read(String written) {
            TreeMap<Integer, int[]> moves = new TreeMap<>();
            for (String left : written.isEmpty() ? new String[0] : written.split(",")) {
                String[] said = left.split(" ");
                TreeMap<Integer, Integer> each = new TreeMap<>();
                for (int right = 1; right < said.length; right++) {
                    String[] move = said[right].split(":");
                    each.put(Integer.parseInt(move[0]), Integer.parseInt(move[1]));
                }
                int[] row = new int[each.isEmpty() ? 0 : each.lastKey() + 1];
                each.forEach((right, move) -> row[right] = move);
                moves.put(Integer.parseInt(said[0]), row);
            }
            int[][] by = new int[moves.isEmpty() ? 0 : moves.lastKey() + 1][];
            Arrays.setAll(by, left -> moves.getOrDefault(left, NONE));
            return new Moves(by);
        }
    }

    private final Map<Integer, Figures> weights = new HashMap<>();

    private Face() {}

    /** @param family as its package is called: {@code brygada-1918} */
    static Face of(String family) {
        @Nullable Face face = ALL.get(family);
        if (face == null) {
            throw new IllegalArgumentException("no figures of " + family);
        }
        return face;
    }

    /**
     * In ems. Costs O(letters).
     *
     * @param weight as style sheets have it, 400 for a regular one
     */
    double width(String text, int weight) {
        String composed = Normalizer.normalize(text, Normalizer.Form.NFC);
        double regular = figures(REGULAR).width(composed);
        if (weight == REGULAR) {
            return regular;
        }
        double bold = figures(BOLD).width(composed);
        return regular + (bold - regular) * (weight - REGULAR) / (BOLD - REGULAR);
    }

    /** Whether the face has every letter of it, so that nothing of its width depends on the fonts of a visitor's own. */
    boolean has(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFC)
                .codePoints()
                .allMatch(figures(REGULAR).letters()::containsKey);
    }

    private Figures figures(int weight) {
        @Nullable Figures figures = weights.get(weight);
        if (figures == null) {
            throw new IllegalStateException("no figures of weight " + weight);
        }
        return figures;
    }

    private static Map<String, Face> read() {
        Map<String, Face> faces = new HashMap<>();
        ResourceBundle all = ResourceBundle.getBundle("velnik.core.fit.Faces");
        for (String name : all.keySet()) {
            int dot = name.indexOf('.');
            faces.computeIfAbsent(name.substring(0, dot), family -> new Face())
                    .weights
                    .put(Integer.parseInt(name.substring(dot + 1)), figures(all.getString(name)));
        }
        return faces;
    }

    private static Figures figures(String written) {
        String[] parts = written.split(";", -1);
        Map<Integer, Letter> letters = new HashMap<>();
        List<Moves> moves = new ArrayList<>();
        for (int part = 1; part < parts.length; part += 2) {
            for (String letter : parts[part].split(",")) {
                String[] said = letter.split(" ");
                letters.put(
                        Integer.parseInt(said[0], 16),
                        new Letter(
                                moves.size(),
                                Integer.parseInt(said[1]),
                                Integer.parseInt(said[2]),
                                Integer.parseInt(said[3])));
            }
            moves.add(Moves.read(parts[part + 1]));
        }
        return new Figures(Integer.parseInt(parts[0]), letters, moves);
    }
}
