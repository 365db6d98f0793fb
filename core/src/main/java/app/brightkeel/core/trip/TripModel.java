package app.brightkeel.core.trip;

import java.util.ArrayList;
import java.util.List;

/** What a trip should have said, given what is not known exactly about a rig. */
final class TripModel {

    /** What is not known, in the order in which it stands in a point. */
    enum Unknown {
        BASE,
        BACKLIGHT,
        CAPACITY,
        FADE,
        COLD
    }

    /** Rest volts of a block: surface charge, a rest that was short, a meter; common practice, no source [V]. */
    private static final double REST_V = 0.03;

    /** How full a battery is after its charge; common practice, no source. */
    private static final double FULL_SPREAD = 0.02;

    /** People round hours, and no day is as even as its legs; common practice, no source (of the logarithm). */
    private static final double HOURS_SPREAD = 0.04;

    private static final double COUNTER_SPREAD = 0.02;

    /** Where a rig stops is not sharp; common practice, no source (of the logarithm). */
    private static final double STOP_SPREAD = 0.05;

    /** A year: lead falls to 80 % in four to five years, lithium in ten; from memory. */
    private static final double LEAD_FADE = 0.045;

    private static final double LITHIUM_FADE = 0.02;
    private static final double COLD_SPREAD = 0.25;

    private final Gear gear;
    private final List<Trip> trips;

    TripModel(Gear gear, List<Trip> trips) {
        this.gear = gear;
        this.trips = List.copyOf(trips);
    }

    List<Trip> trips() {
        return trips;
    }

    /** The plan itself. */
    double[] prior() {
        return new double[] {0, 0, 0, fade(), 0};
    }

    /** One standard deviation of each. */
    double[] spread() {
        double display = gear.spread();
        return new double[] {display, display, gear.ahSpread(), fade() * 0.6, COLD_SPREAD};
    }

    private double fade() {
        return gear.chemistry().lead() ? LEAD_FADE : LITHIUM_FADE;
    }

    /** Everything that trips say. */
    List<Observed> observed() {
        List<Observed> all = new ArrayList<>();
        for (int t = 0; t < trips.size(); t++) {
            Trip trip = trips.get(t);
            if (trip.countedAh().isSet()) {
                all.add(new Observed(
                        t, Observed.Sort.COUNTED, Math.log(trip.countedAh().value())));
            }
            if (trip.ranOut() && trip.begins()) {
                all.add(new Observed(t, Observed.Sort.RAN_OUT, Math.log(trip.hours())));
            } else if (trip.afterV().isSet() && trip.begins()) {
                all.add(new Observed(t, Observed.Sort.AFTER, trip.afterV().value()));
            }
        }
        return all;
    }

    /** Mean watts of a trip [W]. */
    private double watts(Trip trip, double[] point) {
        double base = Math.exp(point[Unknown.BASE.ordinal()]);
        double back = Math.exp(point[Unknown.BACKLIGHT.ordinal()]);
        double wh = 0;
        for (Leg leg : trip.legs()) {
            wh += leg.hours()
                    * (base * (gear.baseW() + leg.modules() * gear.moduleW()) + back * leg.brightness() * gear.backW());
        }
        return wh / trip.hours();
    }

    /** Warm capacity on the day of a trip [Ah]. */
    private double ah(Trip trip, double[] point) {
        // counted back from the last of them: what the battery holds now is what the plan wants
        double years = Fading.years(trip.date(), trips.get(trips.size() - 1).date());
        return gear.ah() * Math.exp(point[Unknown.CAPACITY.ordinal()] + point[Unknown.FADE.ordinal()] * years);
    }

    /** How full it was before. */
    private double before(Trip trip) {
        return trip.charged() ? 1 : gear.charge(trip.beforeV().value());
    }

    /** What should have been said [V, or the logarithm of h and Ah]. */
    double predicted(Observed what, double[] point) {
        Trip trip = trips.get(what.trip());
        double amps = gear.amps(watts(trip, point));
        return switch (what.sort()) {
            case COUNTED -> Math.log(amps * trip.hours());
            case AFTER -> gear.restV(before(trip) - amps * trip.hours() / ah(trip, point));
            case RAN_OUT -> {
                double cold = Math.pow(gear.cold(trip.packC()), 1 + point[Unknown.COLD.ordinal()]);
                // what cold and a high rate put out of reach stays in it, and comes back on rest
                double left = 1 - gear.reach() * cold * gear.rate(amps);
                yield Math.log(Math.max(0.01, before(trip) - left) * ah(trip, point) / amps);
            }
        };
    }

    /** One standard deviation of what is said, at a point: slips apart. */
    double spread(Observed what, double[] point) {
        Trip trip = trips.get(what.trip());
        return switch (what.sort()) {
            case COUNTED -> Math.hypot(HOURS_SPREAD, COUNTER_SPREAD);
            case RAN_OUT -> Math.hypot(Math.hypot(HOURS_SPREAD, STOP_SPREAD), start(trip));
            case AFTER -> {
                double drawn = gear.amps(watts(trip, point)) * trip.hours() / ah(trip, point);
                double slope = gear.slope(before(trip) - drawn);
                double charge = Math.hypot(start(trip), HOURS_SPREAD * drawn);
                yield Math.hypot(REST_V * gear.blocks(), slope * charge);
            }
        };
    }

    /** How far it is known how full it was. */
    private double start(Trip trip) {
        return trip.charged()
                ? FULL_SPREAD
                : Math.min(0.3, REST_V * gear.blocks() / Math.max(1e-6, gear.slope(before(trip))));
    }
}
