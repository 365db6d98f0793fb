/** Rules and changes of the Water link. */
@NullMarked
package app.brightkeel.core.review.water;

import org.jspecify.annotations.NullMarked;
