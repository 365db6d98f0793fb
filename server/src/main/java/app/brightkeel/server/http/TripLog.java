package app.brightkeel.server.http;

import app.brightkeel.core.trip.Trip;
import java.util.List;

/**
 * The log of a rig.
 *
 * @param trips the last day first, a page of them
 * @param count of all
 */
public record TripLog(long revision, List<Trip> trips, int count) {}
