/** Settings, and the one way errors are answered. */
@NullMarked
package velnik.server.shared;

import org.jspecify.annotations.NullMarked;
