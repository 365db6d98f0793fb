/**
 * What is carried, and whether it stays upright.
 *
 * <p>Question: how heavy is the rig, what comes off the craft, how far does it heel it, does the box tip on the ice?
 * Moments; hydrostatics are those of {@code craft}.
 */
@NullMarked
package app.brightkeel.core.layout;

import org.jspecify.annotations.NullMarked;
