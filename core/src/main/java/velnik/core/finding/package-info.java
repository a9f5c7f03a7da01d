/**
 * What an owner would want to know before visitors find out. Start with {@link velnik.core.finding.Findings}; each
 * {@link velnik.core.finding.Reason} is one thing looked for.
 */
@NullMarked
package velnik.core.finding;

import org.jspecify.annotations.NullMarked;
