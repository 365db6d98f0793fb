/** Rules and changes of the Transducer link. */
@NullMarked
package app.brightkeel.core.review.transducer;

import org.jspecify.annotations.NullMarked;
