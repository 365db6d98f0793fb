/** Invented rigs for the demonstration, for tests and for benchmarks: waters, names and gear are made up. */
@NullMarked
package app.brightkeel.core.demo;

import org.jspecify.annotations.NullMarked;
