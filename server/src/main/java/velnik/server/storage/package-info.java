/** The H2 file behind it all. Entities stay in here; the rest of the server sees values of the core. */
@NullMarked
package velnik.server.storage;

import org.jspecify.annotations.NullMarked;
