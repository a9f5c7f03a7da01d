/** Who may sign in, and what they may do. */
@NullMarked
package velnik.server.people;

import org.jspecify.annotations.NullMarked;
