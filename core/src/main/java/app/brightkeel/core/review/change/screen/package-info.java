/** Changes of displays and what holds them. They know no rule: what they mend is asked of the rules afterwards. */
@NullMarked
package app.brightkeel.core.review.change.screen;

import org.jspecify.annotations.NullMarked;
