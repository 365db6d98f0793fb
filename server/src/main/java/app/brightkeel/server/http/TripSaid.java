package app.brightkeel.server.http;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.trip.Leg;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.core.trip.Trouble;
import java.util.List;

/**
 * A trip as a person tells it; it gets its id from the store. Its fields are those of a trip.
 *
 * @param day      as 2026-10-31, not later than tomorrow
 * @param legs     in order, 24 hours in all at most
 * @param packC    of the battery, −40 to 60 [°C]
 * @param charged  whether the battery was charged full before
 * @param beforeV  rest volts before [V]
 * @param afterV   rest volts an hour after [V]
 * @param countedAh drawn by a counter [Ah]
 * @param ranOut   whether the rig stopped by itself at the end
 * @param troubles what went wrong, by link
 * @param note     in the person's own words
 */
public record TripSaid(
        String day,
        List<Leg> legs,
        double packC,
        boolean charged,
        Figure beforeV,
        Figure afterV,
        Figure countedAh,
        boolean ranOut,
        List<Trouble> troubles,
        String note) {

    Trip trip(String id) {
        return new Trip(id, day, legs, packC, charged, beforeV, afterV, countedAh, ranOut, troubles, note);
    }
}
