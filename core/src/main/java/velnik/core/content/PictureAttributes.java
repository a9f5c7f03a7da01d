package velnik.core.content;

import java.util.Map;
import org.commonmark.node.Image;
import org.commonmark.node.Node;
import org.commonmark.renderer.html.AttributeProvider;

/** Gives the pictures of a text what a browser needs to choose and to keep their room free. */
final class PictureAttributes implements AttributeProvider {
    private final Map<Image, Picture> pictures;
    private boolean lazy;

    /**
     * @param pictures of the text, each as it is shown
     * @param lazy whether even the first of them is not what a visitor waits for
     */
    PictureAttributes(Map<Image, Picture> pictures, boolean lazy) {
        this.pictures = pictures;
        this.lazy = lazy;
    }

    @Override
    public void setAttributes(Node node, String tagName, Map<String, String> attributes) {
        Picture picture = node instanceof Image image ? pictures.get(image) : null;
        if (picture != null) {
            attributes.clear();
            attributes.putAll(picture.attributes(!lazy));
            lazy = true;
        }
    }
}
