/** Numbers about a site as visitors meet it. */
@NullMarked
package velnik.core.figure;

import org.jspecify.annotations.NullMarked;
