/** Rules, numbers and alternatives of the Battery link: hours and what a pack may do. */
@NullMarked
package app.brightkeel.core.review.battery;

import org.jspecify.annotations.NullMarked;
