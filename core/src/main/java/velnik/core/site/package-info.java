/** What an owner arranges: pages, menus and their assignments, held together by {@link velnik.core.site.Site}. */
@NullMarked
package velnik.core.site;

import org.jspecify.annotations.NullMarked;
