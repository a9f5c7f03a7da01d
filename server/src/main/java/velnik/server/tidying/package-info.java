/** What is done at night, so that nothing grows without end. */
@NullMarked
package velnik.server.tidying;

import org.jspecify.annotations.NullMarked;
