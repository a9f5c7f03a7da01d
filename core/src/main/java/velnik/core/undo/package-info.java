/**
 * Taking edits back, and edits that collide, as both have to know what was built upon what.
 */
@NullMarked
package velnik.core.undo;

import org.jspecify.annotations.NullMarked;
