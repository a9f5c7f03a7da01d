package velnik.core.importing;

import org.jspecify.annotations.Nullable;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;

/** Where goes what is read in. */
public sealed interface Destination {

    /** Pages into the page tree, menus beside those there are. */
    sealed interface Site extends Destination {}

    /** @param under null for the top level */
    record Pages(@Nullable PageId under) implements Site {}

    /** A page of its own is made, which the pages stand under. */
    record NewBranch(String title) implements Site {}

    /** All rows become items. */
    sealed interface Items extends Destination {}

    record OfMenu(MenuRowId menu) implements Items {}

    record OfNewMenu(String name) implements Items {}
}
