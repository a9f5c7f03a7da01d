/** Takes edits and undo, tells what became of them, and lets all editors know. */
@NullMarked
package velnik.server.editing;

import org.jspecify.annotations.NullMarked;
