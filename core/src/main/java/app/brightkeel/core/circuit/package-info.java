/**
 * The harness as a network and its solver; the Wire link.
 *
 * <p>Question: what volts reach each device, with the pack full, at its mean and nearly empty? Wire tables: ASTM B258,
 * IEC 60228, copper of IEC 60028; drop limits ABYC E-11. The solver is ours, checked against ngspice.
 */
@NullMarked
package app.brightkeel.core.circuit;

import org.jspecify.annotations.NullMarked;
