/** What is done from the command line, beside a server that runs on the same data or without one. */
@NullMarked
package velnik.server.commands;

import org.jspecify.annotations.NullMarked;
