/**
 * How the leads of a harness hang together.
 *
 * <p>Question: which source feeds a device, and over which segments? Stands on the rig alone.
 */
@NullMarked
package app.brightkeel.core.harness;

import org.jspecify.annotations.NullMarked;
