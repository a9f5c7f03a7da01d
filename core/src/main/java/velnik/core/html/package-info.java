/**
 * The visitor's pages as HTML. The templates, one for a page and one for each part of it, are in {@code src/main/jte}
 * and compiled with the rest; they escape whatever they write.
 */
@NullMarked
package velnik.core.html;

import org.jspecify.annotations.NullMarked;
