/** How fast the core and the served site are, as ratios against a plain baseline of the same run. */
@NullMarked
package velnik.benchmarks;

import org.jspecify.annotations.NullMarked;
