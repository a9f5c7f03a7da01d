/**
 * The rules of a small website's structure: which pages there are and how they nest, which menus lead to them, and
 * what a visitor gets. Everything here is a pure function of its arguments; moments and new ids come in from outside.
 *
 * <p>Start at {@link velnik.core.site.Site}, the one value that holds all an owner arranges, then at {@link
 * velnik.core.edit.Changes#apply}, the one way to get another.
 */
@NullMarked
package velnik.core;

import org.jspecify.annotations.NullMarked;
