/** How visitors see the site: which look it has, what the owner tuned of it, and whether all of it can be read. */
@NullMarked
package velnik.core.looks;

import org.jspecify.annotations.NullMarked;
