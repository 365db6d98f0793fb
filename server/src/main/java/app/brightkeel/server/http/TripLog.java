package app.brightkeel.server.http;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.trip.Trip;
import java.util.List;

/**
 * The log of a rig.
 *
 * @param trips the last day first, a page of them
 * @param count of all
 * @param photos of all
 * @param said  what is odd about the trip that was just kept; nothing where nothing is
 */
public record TripLog(long revision, List<Trip> trips, int count, List<TripPhoto> photos, List<Text> said) {

    /** A photo, by its id, and the trip it is of. */
    public record TripPhoto(String id, String trip) {}
}
