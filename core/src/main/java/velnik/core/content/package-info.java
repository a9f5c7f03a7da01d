/** The texts of pages: Markdown in, safe HTML out. */
@NullMarked
package velnik.core.content;

import org.jspecify.annotations.NullMarked;
