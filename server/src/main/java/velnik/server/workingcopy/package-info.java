/**
 * The site as the editors have it: read and written in one place, with its history, what is computed of it, and who
 * collides with whom.
 */
@NullMarked
package velnik.server.workingcopy;

import org.jspecify.annotations.NullMarked;
