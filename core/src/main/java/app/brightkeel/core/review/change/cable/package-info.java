/** Changes of cables: their ways, their loops, their holes. They know no rule: what they mend is asked of the rules afterwards. */
@NullMarked
package app.brightkeel.core.review.change.cable;

import org.jspecify.annotations.NullMarked;
