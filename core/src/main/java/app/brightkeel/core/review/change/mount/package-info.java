/** Changes of how a transducer is held, and where. They know no rule: what they mend is asked of the rules afterwards. */
@NullMarked
package app.brightkeel.core.review.change.mount;

import org.jspecify.annotations.NullMarked;
