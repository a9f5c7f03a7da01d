/**
 * The one way from one version of a site to the next, {@link velnik.core.edit.Changes}.
 */
@NullMarked
package velnik.core.edit;

import org.jspecify.annotations.NullMarked;
