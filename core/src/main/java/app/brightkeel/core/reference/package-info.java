/**
 * Published and remembered tables, as resources that name their source.
 *
 * <p>Question: what does the table say, between its points and past its end? Each file opens with a
 * {@code # source:} line and is checked when it is read. Sources: ASTM B258, IEC 60228, ABYC E-11, ISO 10133,
 * ISO 8820-3, IEEE Std 485, and figures from memory that say so.
 */
@NullMarked
package app.brightkeel.core.reference;

import org.jspecify.annotations.NullMarked;
