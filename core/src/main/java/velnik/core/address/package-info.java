/**
 * How pages come by their addresses, and how addresses are written. {@link velnik.core.address.Slugs} makes and judges
 * slugs, {@link velnik.core.address.Addresses} joins them, {@link velnik.core.address.AddressWriter} writes them for
 * the place they are read in.
 */
@NullMarked
package velnik.core.address;

import org.jspecify.annotations.NullMarked;
