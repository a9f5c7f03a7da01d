/** Pages that fill themselves with others. */
@NullMarked
package velnik.core.listing;

import org.jspecify.annotations.NullMarked;
