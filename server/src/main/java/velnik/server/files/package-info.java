/**
 * What files hold: taken in, looked at, made safe and small, and kept in the data folder under the hash of their content.
 * Begin with {@code Uploads}.
 */
@NullMarked
package velnik.server.files;

import org.jspecify.annotations.NullMarked;
