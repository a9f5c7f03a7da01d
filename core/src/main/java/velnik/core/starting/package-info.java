/** Starting structures: whole small sites that an owner begins with and makes their own. */
@NullMarked
package velnik.core.starting;

import org.jspecify.annotations.NullMarked;
