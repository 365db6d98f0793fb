/** Rules and changes of the Mount link. */
@NullMarked
package app.brightkeel.core.review.mount;

import org.jspecify.annotations.NullMarked;
