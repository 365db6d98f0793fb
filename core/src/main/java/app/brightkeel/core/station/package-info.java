/**
 * Two rigs that share gear: kayak and sled, boat and case.
 *
 * <p>Question: what goes from one to the other, what stays, what is missing there, and what does a second one save?
 */
@NullMarked
package app.brightkeel.core.station;

import org.jspecify.annotations.NullMarked;
