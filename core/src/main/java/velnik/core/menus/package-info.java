/**
 * How menus and their items change, and what becomes of them where pages do: rows that join, labels that follow.
 */
@NullMarked
package velnik.core.menus;

import org.jspecify.annotations.NullMarked;
