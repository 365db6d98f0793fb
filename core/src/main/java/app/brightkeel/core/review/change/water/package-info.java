/** Changes of the water and how it is fished. They know no rule: what they mend is asked of the rules afterwards. */
@NullMarked
package app.brightkeel.core.review.change.water;

import org.jspecify.annotations.NullMarked;
