/**
 * How two versions of a site differ. {@link velnik.core.compare.Difference} is the one answer that storage, undo, other
 * clients, the list of what waits and the comparison of releases all live on.
 */
@NullMarked
package velnik.core.compare;

import org.jspecify.annotations.NullMarked;
