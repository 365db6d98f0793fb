/**
 * What a transducer sees: how wide its beam is on the bottom, and what the bottom's own echo hides.
 *
 * <p>Question: what is in the beam at this depth, and how near the bottom may a fish stand and still be seen? Geometry,
 * and the diffraction of a circular piston.
 */
@NullMarked
package app.brightkeel.core.sonar;

import org.jspecify.annotations.NullMarked;
