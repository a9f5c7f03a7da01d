/** Who can get a page, once everything above it is taken into account. */
@NullMarked
package velnik.core.reach;

import org.jspecify.annotations.NullMarked;
