/** How files come, change and go, and which pages, items and texts use them. Begin with {@code Files}. */
@NullMarked
package velnik.core.files;

import org.jspecify.annotations.NullMarked;
