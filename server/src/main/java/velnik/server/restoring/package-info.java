/** Shows what lies in the bin. Putting it back is a change like any other. */
@NullMarked
package velnik.server.restoring;

import org.jspecify.annotations.NullMarked;
