/** Whether a site that was written elsewhere holds together. */
@NullMarked
package velnik.core.soundness;

import org.jspecify.annotations.NullMarked;
