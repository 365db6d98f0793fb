/** Changes of batteries, banks and chargers. They know no rule: what they mend is asked of the rules afterwards. */
@NullMarked
package app.brightkeel.core.review.change.battery;

import org.jspecify.annotations.NullMarked;
