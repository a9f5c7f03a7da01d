/** The texts of pages, kept apart from the site. */
@NullMarked
package velnik.server.texts;

import org.jspecify.annotations.NullMarked;
