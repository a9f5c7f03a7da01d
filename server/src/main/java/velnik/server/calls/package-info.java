/** What every call is held to, what every answer carries, and the one way errors are answered. */
@NullMarked
package velnik.server.calls;

import org.jspecify.annotations.NullMarked;
