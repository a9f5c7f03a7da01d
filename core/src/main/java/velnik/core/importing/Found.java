package velnik.core.importing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.change.MenuChange;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Zone;

/**
 * What files hold, as they say it: nothing of it is judged by a site yet.
 *
 * @param title of the whole; empty where none is said
 * @param host of the site that it tells of; empty while that is not known
 * @param pages in the order of their tree, a page before what is beneath it
 * @param asides what is passed over while reading
 */
@RecordBuilder
public record Found(
        String title,
        String host,
        List<FoundPage> pages,
        List<FoundMenu> menus,
        List<FoundForward> forwards,
        List<Aside> asides)
        implements FileRead, FoundBuilder.With {
    public static final Found NOTHING = new Found("", "", List.of(), List.of(), List.of(), List.of());

    public Found {
        pages = List.copyOf(pages);
        menus = List.copyOf(menus);
        forwards = List.copyOf(forwards);
        asides = List.copyOf(asides);
    }

    /**
     * Where something stands.
     *
     * @param line from 1; 0 for what no line says
     */
    public record Spot(String file, int line) {
        static final Spot NOWHERE = new Spot("", 0);
    }

    /**
     * @param level from 1; at most one deeper than the one before
     * @param guessed whether the title was made from an address
     * @param path where it is on the site that the file tells of; empty where that is not said
     * @param former its address there as it was, where that is another than the path
     * @param typed how it would be typed as a line of a menu; empty where title and path say it all
     * @param placed whether what it stands in says where it is, be it by its place in a list
     */
    public record FoundPage(
            Spot spot,
            int level,
            String title,
            boolean guessed,
            String path,
            String former,
            String typed,
            boolean placed,
            Said said) {
        public FoundPage(
                Spot spot,
                int level,
                String title,
                boolean guessed,
                String path,
                String former,
                String typed,
                Said said) {
            this(spot, level, title, guessed, path, former, typed, true, said);
        }

        boolean isHome() {
            return path.equals("/") || former.equals("/");
        }

        /** At another path, as the one that it had. */
        FoundPage movedTo(String otherPath) {
            return otherPath.equals(path)
                    ? this
                    : new FoundPage(spot, level, title, guessed, otherPath, path, typed, placed, said);
        }

        /** Where it is follows from its title and the pages above it. */
        FoundPage withoutPath() {
            return new FoundPage(spot, level, title, guessed, "", "", typed, placed, said);
        }

        /** Known by its title alone. */
        FoundPage unplaced() {
            return new FoundPage(spot, level, title, guessed, "", "", typed, false, said);
        }

        FoundPage at(int otherLevel) {
            return new FoundPage(spot, otherLevel, title, guessed, path, former, typed, placed, said);
        }
    }

    /** What is said of a page beside its title; what is null is not said. */
    @RecordBuilder
    public record Said(
            @Nullable String id,
            @Nullable PageKind kind,
            @Nullable String slug,
            @Nullable Reach reach,
            @Nullable Boolean membersOnly,
            @Nullable Boolean keptFromSearchEngines,
            @Nullable String layout,
            @Nullable Set<String> topics,
            @Nullable LocalDate date,
            @Nullable String summary,
            @Nullable String searchTitle,
            @Nullable String searchDescription,
            @Nullable String text)
            implements FoundSaidBuilder.With {
        public static final Said NOTHING =
                new Said(null, null, null, null, null, null, null, null, null, null, null, null, null);
    }

    /**
     * @param zone it stands in; null where that is not said
     * @param items in order, one before what is beneath it
     */
    public record FoundMenu(
            Spot spot, String name, @Nullable Zone zone, List<FoundItem> items) {
        public FoundMenu {
            items = List.copyOf(items);
        }
    }

    /**
     * @param level from 1
     * @param label empty where the target is a whole line as it is typed into a menu
     * @param target as it is written; empty for words
     * @param look how it shows, where that is said; what is said can be
     * @param picture the name of a file of the site; empty where none is said
     */
    public record FoundItem(
            Spot spot, int level, String label, String target, MenuChange.ItemEdit look, String picture) {
        /** One of which nothing is said but where it leads. */
        public FoundItem(Spot spot, int level, String label, String target) {
            this(spot, level, label, target, MenuChange.ItemEdit.NOTHING, "");
        }

        FoundItem at(int otherLevel) {
            return new FoundItem(spot, otherLevel, label, target, look, picture);
        }

        FoundItem leadingTo(String otherTarget) {
            return new FoundItem(spot, level, label, otherTarget, look, picture);
        }
    }

    /**
     * @param from as it is written; everything beneath it where it ends in {@code /*}
     * @param to as it is written; empty for gone
     */
    public record FoundForward(Spot spot, String from, String to) {}

    /**
     * Something that is not taken in.
     *
     * @param refused whether there is something wrong with it
     */
    public record Aside(Spot spot, String what, String why, boolean refused) {}
}
