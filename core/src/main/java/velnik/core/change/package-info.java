/**
 * The words for edits: every {@link velnik.core.change.Change} an owner can make, and what may come of it, with notices
 * or a refusal. How each is made stands in {@code pages}, {@code menus} and {@code bin}; {@link
 * velnik.core.edit.Changes} leads there.
 */
@NullMarked
package velnik.core.change;

import org.jspecify.annotations.NullMarked;
