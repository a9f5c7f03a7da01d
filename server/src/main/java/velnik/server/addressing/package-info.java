/** Every address that the site has, had, or forwards. */
@NullMarked
package velnik.server.addressing;

import org.jspecify.annotations.NullMarked;
