/** Serves the editor's own page. */
@NullMarked
package velnik.server.editor;

import org.jspecify.annotations.NullMarked;
