/**
 * How a transducer meets the water.
 *
 * <p>Question: is its beam clear, does its body fit, what stands in its way? Geometry; the distances that practitioners
 * keep are common practice, no source.
 */
@NullMarked
package app.brightkeel.core.mount;

import org.jspecify.annotations.NullMarked;
