/** Finding pages by the words on them, as visitors do. */
@NullMarked
package velnik.core.search;

import org.jspecify.annotations.NullMarked;
