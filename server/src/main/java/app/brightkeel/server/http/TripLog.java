package app.brightkeel.server.http;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.trip.Calibration;
import app.brightkeel.core.trip.Trip;
import java.util.List;

/**
 * The log of a rig.
 *
 * @param trips  the last day first, a page of them
 * @param count  of all
 * @param taught what they teach; none where there is none yet
 * @param waits  what is missing before anything can be taught; no words where nothing is
 */
public record TripLog(long revision, List<Trip> trips, int count, List<Calibration> taught, Text waits) {}
