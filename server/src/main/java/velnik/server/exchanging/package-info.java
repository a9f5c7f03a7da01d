/** What the owner takes away in open formats. Begin with {@code ExportsController}. */
@NullMarked
package velnik.server.exchanging;

import org.jspecify.annotations.NullMarked;
