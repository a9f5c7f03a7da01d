/** Texts of any script, made comparable, and sentences made of facts. */
@NullMarked
package velnik.core.text;

import org.jspecify.annotations.NullMarked;
