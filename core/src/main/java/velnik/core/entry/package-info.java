/**
 * What somebody types or pastes to fill a menu, understood: {@link velnik.core.entry.Offers} for one line, {@link
 * velnik.core.entry.PastedItems} for a list.
 */
@NullMarked
package velnik.core.entry;

import org.jspecify.annotations.NullMarked;
