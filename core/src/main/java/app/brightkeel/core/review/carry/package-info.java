/** Rules and changes of the Carry link. */
@NullMarked
package app.brightkeel.core.review.carry;

import org.jspecify.annotations.NullMarked;
