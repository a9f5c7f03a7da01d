/**
 * The ordered forest under the page tree and under all menus. {@link velnik.core.outline.Outline} is immutable and
 * shares structure between versions; {@link velnik.core.outline.OutlineDifference} says how two versions differ.
 */
@NullMarked
package velnik.core.outline;

import org.jspecify.annotations.NullMarked;
