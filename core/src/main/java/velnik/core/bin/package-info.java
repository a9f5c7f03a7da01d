/**
 * What lies in the bin: put back where it was, or let go for good.
 */
@NullMarked
package velnik.core.bin;

import org.jspecify.annotations.NullMarked;
