package velnik.core.navigation;

import velnik.core.site.Zone;

/** That a menu shows a page in a zone. */
public record Standing(String menuName, Zone zone) {}
