/** Takes edits, keeps the working copy and the journal, and undoes. {@link velnik.server.editing.WorkingCopy} is the heart of it. */
@NullMarked
package velnik.server.editing;

import org.jspecify.annotations.NullMarked;
