/** Where on earth a place is, drawn from the outlines of land and states that the product brings along. */
@NullMarked
package velnik.core.map;

import org.jspecify.annotations.NullMarked;
