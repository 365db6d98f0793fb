/** Rules, numbers and alternatives of the Screen link: what the devices draw. */
@NullMarked
package app.brightkeel.core.review.screen;

import org.jspecify.annotations.NullMarked;
