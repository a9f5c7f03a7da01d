package velnik.core.importing;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/** Levels as others count them, made such that each is at most one deeper than the one before. */
final class Levels {
    private Levels() {}

    /** @return 1 where the cell is no number */
    static int of(String cell) {
        return cell.matches("\\d{1,4}") ? Math.max(0, Integer.parseInt(cell)) : 1;
    }

    static List<Found.FoundPage> soundPages(List<Found.FoundPage> pages) {
        List<Integer> levels =
                sound(pages.stream().mapToInt(Found.FoundPage::level).toArray());
        List<Found.FoundPage> sound = new ArrayList<>(pages.size());
        for (int i = 0; i < pages.size(); i++) {
            sound.add(pages.get(i).at(levels.get(i)));
        }
        return sound;
    }

    static List<Found.FoundItem> sound(List<Found.FoundItem> items) {
        List<Integer> levels =
                sound(items.stream().mapToInt(Found.FoundItem::level).toArray());
        List<Found.FoundItem> sound = new ArrayList<>(items.size());
        for (int i = 0; i < items.size(); i++) {
            sound.add(items.get(i).at(levels.get(i)));
        }
        return sound;
    }

    private static List<Integer> sound(int[] levels) {
        Deque<Integer> open = new ArrayDeque<>();
        List<Integer> sound = new ArrayList<>(levels.length);
        for (int level : levels) {
            while (!open.isEmpty() && open.getLast() >= level) {
                open.removeLast();
            }
            open.addLast(level);
            sound.add(open.size());
        }
        return sound;
    }
}
