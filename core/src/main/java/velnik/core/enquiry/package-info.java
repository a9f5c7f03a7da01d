/** What visitors write to the business: which form asks for it, and whether what was sent is an answer to it. */
@NullMarked
package velnik.core.enquiry;

import org.jspecify.annotations.NullMarked;
