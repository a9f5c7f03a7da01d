/** What is noticed about the working copy. */
@NullMarked
package velnik.server.checking;

import org.jspecify.annotations.NullMarked;
