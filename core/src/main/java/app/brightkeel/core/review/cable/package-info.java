/** Rules, numbers and alternatives of the Cable link: ways, lengths and holes. */
@NullMarked
package app.brightkeel.core.review.cable;

import org.jspecify.annotations.NullMarked;
