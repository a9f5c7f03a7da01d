package velnik.core.site;

/** A menu where it stands, with how it stands there. */
public record PlacedMenu(MenuRowId menu, Placing placing) {}
