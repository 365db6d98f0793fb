package app.brightkeel.core.trip;

import app.brightkeel.core.quantity.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What trips say of a rig.
 *
 * @param taught  each thing, before and after
 * @param leftOut what fits nothing else that was said: a slip
 * @param held    of the last trips, each foretold from all others: how many were, and how many fell between P10 and P90
 */
public record Calibration(List<Taught> taught, List<LeftOut> leftOut, Foretold held) {

    /** Between the 10 % and the middle point a normal distribution has so many standard deviations. */
    static final double TENTH = 1.2816;

    /** Beyond so many standard deviations something that was said is a slip; common practice, no source. */
    private static final double SLIP = 4;

    /** Where robust weights begin to fall (P. W. Holland and R. E. Welsch, 1977: Cauchy's weight) [standard deviations]. */
    private static final double CAUCHY = 2.385;

    private static final int ROUNDS = 12;

    private static final int MOST_HELD = 40;

    /**
     * One thing, before and after.
     *
     * @param what   of the rig
     * @param before as planned, with {@code beforeLow} to {@code beforeHigh}: P10 to P90
     * @param after  as taught, with its own
     */
    public record Taught(
            What what,
            double before,
            double beforeLow,
            double beforeHigh,
            double after,
            double afterLow,
            double afterHigh,
            Unit unit) {

        /** Of half its range; common practice, no source. */
        private static final double MATTERS = 0.5;

        /** Whether a plan has it otherwise, by more than nobody can tell. */
        boolean differs(double planned) {
            return Math.abs(after - planned) > MATTERS * (afterHigh - afterLow) / 2;
        }
    }

    /** What trips teach. */
    public enum What {
        DRAW,
        BACKLIGHT,
        CAPACITY,
        FADE,
        COLD
    }

    /**
     * Something that was said and left out.
     *
     * @param trip     id of the trip
     * @param field    of it: afterV, countedAh, hours
     * @param said     and what everything else says of it {@code expected} [V, Ah, h]
     */
    public record LeftOut(String trip, String field, double said, double expected) {}

    /** How well the others foretold them. */
    public record Foretold(int inside, int of) {}

    /** One of the things. */
    public Taught of(What what) {
        return taught.get(what.ordinal());
    }

    public Calibration {
        taught = List.copyOf(taught);
        leftOut = List.copyOf(leftOut);
    }

    /** Of trips with one battery, in any order. */
    public static Calibration of(Gear gear, List<Trip> trips) {
        return Learnt.of(gear, trips).calibration();
    }

    static Calibration of(Gear gear, TripModel model, Fit fit, List<Observed> slips, List<Observed> kept) {
        return new Calibration(
                taught(gear, model, fit),
                slips.stream().map(each -> leftOut(model, fit, each)).toList(),
                held(model, kept, fit));
    }

    /** What is too far from everything else. */
    static List<Observed> slips(TripModel model, List<Observed> said, Fit robust) {
        return said.stream().filter(each -> off(model, robust, each) > SLIP).toList();
    }

    private static double off(TripModel model, Fit fit, Observed what) {
        return Math.abs(model.predicted(what, fit.point()) - what.value()) / model.spread(what, fit.point());
    }

    /** Slips pull as little as they are far away. */
    static Fit robust(TripModel model, List<Observed> said) {
        double[] weights = Fit.even(said.size());
        Fit fit = Fit.of(model, said, weights, model.prior());
        for (int round = 0; round < ROUNDS && !said.isEmpty(); round++) {
            for (int i = 0; i < weights.length; i++) {
                double off = off(model, fit, said.get(i)) / CAUCHY;
                weights[i] = 1 / (1 + off * off);
            }
            fit = Fit.of(model, said, weights, fit.point());
        }
        return fit;
    }

    private static List<Taught> taught(Gear gear, TripModel model, Fit fit) {
        List<Taught> all = new ArrayList<>();
        double[] prior = model.prior();
        double[] spread = model.spread();
        for (TripModel.Unknown unknown : TripModel.Unknown.values()) {
            int u = unknown.ordinal();
            double mine = fit.point()[u];
            double deviation = TENTH * fit.deviation(u);
            double wide = TENTH * spread[u];
            all.add(
                    switch (unknown) {
                        case BASE ->
                            scaled(
                                    What.DRAW,
                                    gear.baseW() + gear.moduleW(),
                                    prior[u],
                                    wide,
                                    mine,
                                    deviation,
                                    Unit.WATT);
                        case BACKLIGHT ->
                            scaled(What.BACKLIGHT, gear.backW(), prior[u], wide, mine, deviation, Unit.WATT);
                        case CAPACITY ->
                            scaled(What.CAPACITY, gear.ah(), prior[u], wide, mine, deviation, Unit.AMPERE_HOUR);
                        case FADE -> plain(What.FADE, prior[u], wide, mine, deviation);
                        case COLD -> plain(What.COLD, 1 + prior[u], wide, 1 + mine, deviation);
                    });
        }
        return all;
    }

    private static Taught scaled(
            What what, double planned, double prior, double wide, double mine, double deviation, Unit unit) {
        return new Taught(
                what,
                planned * Math.exp(prior),
                planned * Math.exp(prior - wide),
                planned * Math.exp(prior + wide),
                planned * Math.exp(mine),
                planned * Math.exp(mine - deviation),
                planned * Math.exp(mine + deviation),
                unit);
    }

    private static Taught plain(What what, double prior, double wide, double mine, double deviation) {
        Unit unit = what == What.FADE ? Unit.FINE_PERCENT : Unit.FACTOR;
        return new Taught(what, prior, prior - wide, prior + wide, mine, mine - deviation, mine + deviation, unit);
    }

    private static LeftOut leftOut(TripModel model, Fit fit, Observed what) {
        double expected = model.predicted(what, fit.point());
        boolean volts = what.sort() == Observed.Sort.AFTER;
        return new LeftOut(
                model.trips().get(what.trip()).id(),
                switch (what.sort()) {
                    case AFTER -> "afterV";
                    case COUNTED -> "countedAh";
                    case RAN_OUT -> "hours";
                },
                volts ? what.value() : Math.exp(what.value()),
                volts ? expected : Math.exp(expected));
    }

    /** Each of the last foretold from all but its own trip. */
    private static Foretold held(TripModel model, List<Observed> said, Fit fit) {
        int inside = 0;
        int of = 0;
        for (int i : IntStream.range(Math.max(0, said.size() - MOST_HELD), said.size())
                .toArray()) {
            Observed back = said.get(i);
            List<Observed> others =
                    said.stream().filter(each -> each.trip() != back.trip()).toList();
            if (others.isEmpty()) {
                continue;
            }
            Fit without = Fit.of(model, others, Fit.even(others.size()), fit.point());
            double off = Math.abs(model.predicted(back, without.point()) - back.value());
            of++;
            inside += off <= TENTH * without.deviation(model, back) ? 1 : 0;
        }
        return new Foretold(inside, of);
    }
}
