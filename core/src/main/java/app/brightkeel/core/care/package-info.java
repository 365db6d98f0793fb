/**
 * Looking after a rig through its seasons.
 *
 * <p>Question: what is to be done to this rig, by when, and after how many days of use? Charges follow the sort of battery, how
 * warm it is stored and what was written down; the rest follows the calendar and the days out, sooner in salt water. Intervals are
 * common practice, no source.
 */
@NullMarked
package app.brightkeel.core.care;

import org.jspecify.annotations.NullMarked;
