/** Whole errands of owners and visitors, on the real jar in headless Chromium. */
@NullMarked
package velnik.browser;

import org.jspecify.annotations.NullMarked;
