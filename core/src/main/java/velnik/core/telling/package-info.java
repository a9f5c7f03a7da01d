/**
 * What is said of changes: the title and sentence of each, and the list of what waits to be published.
 */
@NullMarked
package velnik.core.telling;

import org.jspecify.annotations.NullMarked;
