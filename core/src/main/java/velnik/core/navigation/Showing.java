package velnik.core.navigation;

import velnik.core.site.Zone;

/**
 * That a menu shows a page in a zone.
 *
 * @param everywhere whether on every page that has no exception, or only on some
 */
public record Showing(String menuName, Zone zone, boolean everywhere) {}
