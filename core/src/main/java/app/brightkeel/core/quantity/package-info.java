/**
 * Units, amounts and words that carry amounts.
 *
 * <p>Question: how is a number shown to a person who thinks in metres or in feet? Everything inside the program is
 * SI (hours and ampere-hours for a battery's day); conversion happens at the edge, by the one table in
 * {@link app.brightkeel.core.quantity.Unit}. Sources: definitions of the units.
 */
@NullMarked
package app.brightkeel.core.quantity;

import org.jspecify.annotations.NullMarked;
