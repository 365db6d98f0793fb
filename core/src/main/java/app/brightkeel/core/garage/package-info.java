/**
 * Gear that a person owns, each piece once, whatever rigs it goes into.
 *
 * <p>Question: what is there, where does it go, and does the copy that a rig holds still say the same?
 */
@NullMarked
package app.brightkeel.core.garage;

import org.jspecify.annotations.NullMarked;
