/** Changes of the harness: gauges, ends, points where wires meet, and the whole of it built anew. They know no rule: what they mend is asked of the rules afterwards. */
@NullMarked
package app.brightkeel.core.review.change.wire;

import org.jspecify.annotations.NullMarked;
