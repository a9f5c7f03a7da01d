package velnik.core.content;

import java.util.Map;
import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.node.Node;
import org.commonmark.renderer.html.AttributeProvider;

/** Says how the cells of a table are aligned in the way that style sheets read, since attributes for it are obsolete. */
final class CellAttributes implements AttributeProvider {
    static final String CENTRE = "to-centre";
    static final String END = "to-end";

    @Override
    public void setAttributes(Node node, String tagName, Map<String, String> attributes) {
        if (node instanceof TableCell cell) {
            attributes.remove("align");
            if (cell.getAlignment() == TableCell.Alignment.CENTER) {
                attributes.put("class", CENTRE);
            } else if (cell.getAlignment() == TableCell.Alignment.RIGHT) {
                attributes.put("class", END);
            }
        }
    }
}
