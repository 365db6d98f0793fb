/**
 * Fuses against load, wire and short circuit; the Fuse link.
 *
 * <p>Question: does each fuse carry the load, open before the wire burns, and sit close enough to the battery? Sources:
 * ABYC E-11 (place, ampacity), ISO 10133, ISO 8820-3, values from memory where the tables say so.
 */
@NullMarked
package app.brightkeel.core.protection;

import org.jspecify.annotations.NullMarked;
