/** A small catalogue of made-up, generic gear that rigs copy from. */
@NullMarked
package app.brightkeel.core.gear;

import org.jspecify.annotations.NullMarked;
