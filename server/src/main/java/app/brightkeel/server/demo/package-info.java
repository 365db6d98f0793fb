/** Fills an empty store with the invented rigs. */
@NullMarked
package app.brightkeel.server.demo;

import org.jspecify.annotations.NullMarked;
