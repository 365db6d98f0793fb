/** Changes of fuses: size, place and what they break. They know no rule: what they mend is asked of the rules afterwards. */
@NullMarked
package app.brightkeel.core.review.change.fuse;

import org.jspecify.annotations.NullMarked;
