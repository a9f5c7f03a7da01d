/** Texts of any script, made comparable. */
@NullMarked
package velnik.core.text;

import org.jspecify.annotations.NullMarked;
