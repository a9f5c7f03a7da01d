/**
 * How much room menus take and have at any width of the screen, reckoned from the shipped fonts' own widths
 * and from what the looks' style sheets say; tests in a browser hold it to what is seen.
 */
@NullMarked
package velnik.core.fit;

import org.jspecify.annotations.NullMarked;
