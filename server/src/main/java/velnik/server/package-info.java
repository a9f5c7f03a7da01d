/**
 * Velnik as a program: the calls of the editor, the visitor site, storage and sign-in. A folder for each thing an owner
 * does; the rules are in the core.
 */
@NullMarked
package velnik.server;

import org.jspecify.annotations.NullMarked;
