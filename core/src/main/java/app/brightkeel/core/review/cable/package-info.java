/** Rules and changes of the Cable link. */
@NullMarked
package app.brightkeel.core.review.cable;

import org.jspecify.annotations.NullMarked;
