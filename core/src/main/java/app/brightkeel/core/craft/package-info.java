/**
 * How a craft lies in the water with everything aboard.
 *
 * <p>Question: how deep, how level and how upright does it float, and where does that leave the transducer's face?
 * Hydrostatics of a form given by its sections, integrated; initial stability by naval architecture texts, from memory.
 */
@NullMarked
package app.brightkeel.core.craft;

import org.jspecify.annotations.NullMarked;
