/** What is set from outside, and the folder that holds everything. */
@NullMarked
package velnik.server.settings;

import org.jspecify.annotations.NullMarked;
