/**
 * The water under the craft: how deep, how fast sound runs in it, and what a display makes of that.
 *
 * <p>Question: which depths are fished, and how far off is the depth on the screen? Stands on Marczak 1997 (fresh),
 * Mackenzie 1981 (sea) and Medwin 1975 (between).
 */
@NullMarked
package app.brightkeel.core.water;

import org.jspecify.annotations.NullMarked;
