package velnik.core.site;

import java.util.List;

/** Names a layout: one of those that every site has, or one of the owner's own. */
public record LayoutId(String value) {
    public static final LayoutId STANDARD = new LayoutId("STANDARD");
    /** The text takes the whole width. */
    public static final LayoutId WIDE = new LayoutId("WIDE");
    /** For pages to arrive at from outside, with little around them. */
    public static final LayoutId LANDING = new LayoutId("LANDING");

    public static final List<LayoutId> OF_EVERY_SITE = List.of(STANDARD, WIDE, LANDING);

    public LayoutId {
        Ids.checked(value);
    }

    public boolean isOfEverySite() {
        return OF_EVERY_SITE.contains(this);
    }

    @Override
    public String toString() {
        return value;
    }
}
