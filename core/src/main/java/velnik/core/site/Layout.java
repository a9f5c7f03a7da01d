package velnik.core.site;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A layout of the owner's own: pages that belong together and can be the scope of an assignment.
 *
 * @param name unlike that of any other layout, whatever the case
 * @param frame the layout of every site whose frame its pages have around their text
 */
@RecordBuilder
public record Layout(LayoutId id, String name, LayoutId frame) implements LayoutBuilder.With {
    public Layout {
        if (id.isOfEverySite() || !frame.isOfEverySite()) {
            throw new IllegalArgumentException("an own layout has the frame of one that every site has: " + id);
        }
        if (name.isBlank() || name.length() > Limits.TITLE) {
            throw new IllegalArgumentException(
                    "a layout's name has 1 to " + Limits.TITLE + " characters, not " + name.length());
        }
    }
}
