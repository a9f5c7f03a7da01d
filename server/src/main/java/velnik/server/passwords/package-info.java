/** Passwords: which can be had, how often one may guess, and how many are looked at at once. */
@NullMarked
package velnik.server.passwords;

import org.jspecify.annotations.NullMarked;
