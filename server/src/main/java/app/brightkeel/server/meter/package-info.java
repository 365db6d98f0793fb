/**
 * A meter that is connected over a plain line protocol, and one that is simulated.
 *
 * <p>The protocol is UTF-8 text over TCP on this machine alone, one line each way, at most {@value
 * app.brightkeel.server.meter.Lines#MOST_LETTERS} letters, ended by a line feed. What is asked, and what is answered:
 *
 * <pre>
 * HELLO                      METER 1 (its name)
 * READ (point)               READ (point) (number) V, A or OHM
 * WRONG (kind) (where) (size) OK                       a simulated one: something goes wrong
 * RIGHT                      OK                       a simulated one: all is well again
 * anything else              NO (why)
 * </pre>
 *
 * <p>Numbers are decimal with a point and may have an exponent. A meter answers within two seconds.
 */
@NullMarked
package app.brightkeel.server.meter;

import org.jspecify.annotations.NullMarked;
