package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Text;

/**
 * One of the things of the rig that a step stands on: where it changes, what was done by the step no longer fits.
 *
 * @param name what it is, in words
 */
public record Fact(String name, Text value) {}
