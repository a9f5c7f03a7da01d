/**
 * How pages change, a class for each thing an owner does to them.
 */
@NullMarked
package velnik.core.pages;

import org.jspecify.annotations.NullMarked;
