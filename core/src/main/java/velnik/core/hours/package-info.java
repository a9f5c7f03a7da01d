/** Opening hours as people type them, and as they are read. */
@NullMarked
package velnik.core.hours;

import org.jspecify.annotations.NullMarked;
