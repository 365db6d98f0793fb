/** Rules, numbers and alternatives of the Transducer link: views, plugs and versions. */
@NullMarked
package app.brightkeel.core.review.transducer;

import org.jspecify.annotations.NullMarked;
