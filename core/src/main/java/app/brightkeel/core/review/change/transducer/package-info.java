/** Changes of transducers, live heads and their plugs. They know no rule: what they mend is asked of the rules afterwards. */
@NullMarked
package app.brightkeel.core.review.change.transducer;

import org.jspecify.annotations.NullMarked;
