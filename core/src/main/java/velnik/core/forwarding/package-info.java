/** Where addresses lead that no page has: those that visitors once knew, and those the owner forwards by hand. */
@NullMarked
package velnik.core.forwarding;

import org.jspecify.annotations.NullMarked;
