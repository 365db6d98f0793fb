/** Rules, numbers and alternatives of the Fuse link: size, place and short circuits. */
@NullMarked
package app.brightkeel.core.review.fuse;

import org.jspecify.annotations.NullMarked;
