/** Plain sentences to the owner about what visitors get, and why. */
@NullMarked
package velnik.core.explanation;

import org.jspecify.annotations.NullMarked;
