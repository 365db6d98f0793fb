/** Rules, numbers and alternatives of the Mount link: how it is held and what it sees there. */
@NullMarked
package app.brightkeel.core.review.mount;

import org.jspecify.annotations.NullMarked;
