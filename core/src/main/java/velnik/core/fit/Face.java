package velnik.core.fit;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.ResourceBundle;
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
     * @param moves by file, by the class on the left, by the class on the right
     */
    private record Figures(int units, Map<Integer, Letter> letters, List<Map<Integer, Map<Integer, Integer>>> moves) {

        double width(String text) {
            double width = 0;
            @Nullable Letter before = null;
            for (int code : text.codePoints().toArray()) {
                @Nullable Letter letter = letters.get(code);
                width += letter == null ? Unknown.width(code) * units : letter.width();
                if (letter != null && before != null && before.file() == letter.file()) {
                    width += moves.get(letter.file())
                            .getOrDefault(before.left(), Map.of())
                            .getOrDefault(letter.right(), 0);
                }
                before = letter;
            }
            return width / units;
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
        List<Map<Integer, Map<Integer, Integer>>> moves = new ArrayList<>();
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
            moves.add(moves(parts[part + 1]));
        }
        return new Figures(Integer.parseInt(parts[0]), letters, moves);
    }

    /** By the class on the left, by the class on the right. */
    private static Map<Integer, Map<Integer, Integer>> moves(String written) {
        Map<Integer, Map<Integer, Integer>> moves = new HashMap<>();
        for (String left : written.isEmpty() ? new String[0] : written.split(",")) {
            String[] said = left.split(" ");
            Map<Integer, Integer> each = new HashMap<>();
            for (int right = 1; right < said.length; right++) {
                String[] move = said[right].split(":");
                each.put(Integer.parseInt(move[0]), Integer.parseInt(move[1]));
            }
            moves.put(Integer.parseInt(said[0]), each);
        }
        return moves;
    }
}
