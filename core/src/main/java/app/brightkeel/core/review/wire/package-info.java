/** Rules, numbers and alternatives of the Wire link: volts and gauges. */
@NullMarked
package app.brightkeel.core.review.wire;

import org.jspecify.annotations.NullMarked;
