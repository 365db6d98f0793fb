/** Changes of where things stand, boxes and bags, ballast and what holds a battery. They know no rule: what they mend is asked of the rules afterwards. */
@NullMarked
package app.brightkeel.core.review.change.carry;

import org.jspecify.annotations.NullMarked;
