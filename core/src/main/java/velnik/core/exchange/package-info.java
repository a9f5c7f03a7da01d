/** Site structures as text that people and other programs read and write; a class for each format. */
@NullMarked
package velnik.core.exchange;

import org.jspecify.annotations.NullMarked;
