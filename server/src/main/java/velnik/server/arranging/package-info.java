/**
 * Everything the owner asks while arranging menus: how they come out, where they stand and why, and what a typed line
 * could mean. Nothing here changes anything; edits go to {@code editing}.
 */
@NullMarked
package velnik.server.arranging;

import org.jspecify.annotations.NullMarked;
