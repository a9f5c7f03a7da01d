/** What visitors write to the business: taken in, told by mail, read and answered. Begin with {@code Inbox}. */
@NullMarked
package velnik.server.enquiries;

import org.jspecify.annotations.NullMarked;
