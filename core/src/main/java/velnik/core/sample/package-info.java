/** Sites to try things on: Brackwater Boatyard, a made-up business, and a generator of any size. */
@NullMarked
package velnik.core.sample;

import org.jspecify.annotations.NullMarked;
