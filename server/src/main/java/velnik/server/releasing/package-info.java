/** Publishes the working copy and keeps every release. */
@NullMarked
package velnik.server.releasing;

import org.jspecify.annotations.NullMarked;
