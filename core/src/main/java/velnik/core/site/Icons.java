package velnik.core.site;

import java.util.List;

/** The icons that items can show, by the words they are found by. Drawn in the visitor's style sheet. */
public final class Icons {
    public static final List<String> ALL = List.of(
            "anchor",
            "arrow",
            "boat",
            "calendar",
            "clock",
            "cup",
            "house",
            "info",
            "mail",
            "people",
            "phone",
            "pin",
            "search",
            "tool",
            "wave");

    private Icons() {}
}
