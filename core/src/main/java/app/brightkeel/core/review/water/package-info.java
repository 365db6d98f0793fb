/** Rules, numbers and alternatives of the Water link: what the day asks for. */
@NullMarked
package app.brightkeel.core.review.water;

import org.jspecify.annotations.NullMarked;
