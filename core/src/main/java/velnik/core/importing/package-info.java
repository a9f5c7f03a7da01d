/**
 * What others wrote, read in: {@link velnik.core.importing.FileFormat} says what a file is, a reader a format says what is
 * in it ({@link velnik.core.importing.Found}), and {@link velnik.core.importing.ImportPlan} what that would do to a site,
 * row by row, with the changes that do it.
 */
@NullMarked
package velnik.core.importing;

import org.jspecify.annotations.NullMarked;
