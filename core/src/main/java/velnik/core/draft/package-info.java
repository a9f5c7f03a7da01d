/**
 * A site in the making: a {@link velnik.core.draft.Draft} comes as far as a change takes it, and what many changes ask
 * alike, {@link velnik.core.draft.Checks}, answers with the refusal.
 */
@NullMarked
package velnik.core.draft;

import org.jspecify.annotations.NullMarked;
