package velnik.core.html;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import velnik.core.content.Picture;
import velnik.core.map.PositionMap;
import velnik.core.site.ItemKind.Block.Side;

/** A content block as a template writes it. A title is empty for none. */
public sealed interface BlockView {

    record Words(String title, List<String> lines) implements BlockView {
        public Words {
            lines = List.copyOf(lines);
        }
    }

    record Pictured(Picture picture, String caption, Side side) implements BlockView {
        /** What the style sheet goes by. */
        public String classes() {
            return "caption-" + side.name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * @param asks what the field asks for
     * @param id unlike every other on the page
     */
    record Search(String asks, String address, String id) implements BlockView {}

    /** @param called what stands over it */
    record Contact(String called) implements BlockView {}

    record Form(String title, FormView form) implements BlockView {}

    /** @param picture null for none */
    record Summary(
            String title, PageView.Link link, @Nullable Picture picture) implements BlockView {}

    /** @param position as people write it */
    record Mapped(String title, PositionMap map, String position) implements BlockView {}
}
