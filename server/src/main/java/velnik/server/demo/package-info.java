/** Fills an empty data folder with the made-up business, its people and one release. */
@NullMarked
package velnik.server.demo;

import org.jspecify.annotations.NullMarked;
