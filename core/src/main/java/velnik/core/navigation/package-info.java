/**
 * What the menus of a site yield for its visitors. {@link velnik.core.navigation.SiteNavigation} resolves all menus of
 * a site once for a moment; each page then only adds its own marks.
 */
@NullMarked
package velnik.core.navigation;

import org.jspecify.annotations.NullMarked;
