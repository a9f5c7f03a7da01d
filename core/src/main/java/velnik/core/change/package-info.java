/**
 * Every edit an owner can make. {@link velnik.core.change.Change} lists them, {@link velnik.core.change.Changes} applies
 * them and answers with an {@link velnik.core.change.Outcome}; {@link velnik.core.change.Undoing} takes them back.
 */
@NullMarked
package velnik.core.change;

import org.jspecify.annotations.NullMarked;
