/**
 * What a judgement is made of: links, verdicts, what a rule and a change are.
 *
 * <p>Only rules give verdicts; they stand in {@code review.<link>}, what could be changed in {@code review.change.<link>},
 * and {@code review.whole} asks all of them.
 */
@NullMarked
package app.brightkeel.core.review;

import org.jspecify.annotations.NullMarked;
