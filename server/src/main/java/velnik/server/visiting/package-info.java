/** Everything visitors get, and the owner's preview of it. */
@NullMarked
package velnik.server.visiting;

import org.jspecify.annotations.NullMarked;
