/**
 * The whole rig judged: every rule and every link, named once each, and what asks all of them.
 *
 * <p>Question: how does each link stand, what would mend what it finds without breaking another, and what could be had
 * instead?
 */
@NullMarked
package app.brightkeel.core.review.whole;

import org.jspecify.annotations.NullMarked;
