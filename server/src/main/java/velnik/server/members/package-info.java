/** Visitors who may see pages for members: apart from the people who work on the site. */
@NullMarked
package velnik.server.members;

import org.jspecify.annotations.NullMarked;
