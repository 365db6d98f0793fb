/** JMH benchmarks of core against the bounds of the design, and against a library's dense solution. */
@NullMarked
package app.brightkeel.benchmark;

import org.jspecify.annotations.NullMarked;
