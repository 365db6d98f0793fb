package app.brightkeel.core.battery;

import app.brightkeel.core.circuit.Network;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * One run of the packs through the day, until the first of four ends.
 *
 * <p>Between two knots of the rest-voltage curve the rate at which charge leaves is taken as linear in charge, so time
 * is a logarithm and the ends are found exactly: no clock ticks. Several packs in parallel follow the one that is first
 * at a bend of its curve; packs in series give the same current. The run ends with the first of them. After the phases of the day its
 * mean load goes on.
 */
final class Discharge {

    /** Charges at which the curves bend [share]; steps end there. */
    private static final double[] KNOTS = {0, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1};

    private static final double SAME_CHARGE = 1e-9;

    /** Longest run reported [h]: beyond it a pack stands rather than works. */
    static final double LONGEST_H = 2000;

    private static final int MOST_STEPS = 600;

    /** Change of a pack's rate within a step, against the fastest, from which the step is halved. */
    private static final double TURNS = 0.08;

    private static final int MOST_HALVED = 8;
    private static final int MOST_ROUNDS = 6;
    private static final double SETTLED = 1e-5;

    private final Network network;
    private final List<PackModel> packs;

    /** Which source of the network each pack belongs to: packs in series share one. */
    private final int[] sourceOf;

    private final double[] minV;
    private final int[] nodes;
    private final double[] rest;
    private final double[] inner;
    private final double[] sourceV;
    private final double[] sourceOhm;
    private final double[] rates;
    private final double[] charge;
    private final List<CurvePoint> points = new ArrayList<>();
    private final boolean keepPoints;
    private double[] watts = {};
    private double timeH;
    private double givenAh;
    private Energy energy = Energy.NONE;

    /** How near an end the state last looked at is: positive while it still works. */
    private double margin;

    private End nearest = End.EMPTY;
    private int nearestDevice;
    private double watchedV;

    /** Whether the rounds of the last step came to rest. */
    private boolean settled;

    /**
     * @param nodes      of each device in the network, −1 where nothing feeds it
     * @param minV       of each device
     * @param keepPoints whether to keep the curve for a picture
     */
    Discharge(Network network, List<PackString> sources, int[] nodes, double[] minV, boolean keepPoints) {
        this.network = network;
        packs = sources.stream().flatMap(source -> source.members().stream()).toList();
        sourceOf = IntStream.range(0, sources.size())
                .flatMap(s -> sources.get(s).members().stream().mapToInt(member -> s))
                .toArray();
        sourceV = new double[sources.size()];
        sourceOhm = new double[sources.size()];
        this.nodes = nodes;
        this.minV = minV;
        this.keepPoints = keepPoints;
        int n = packs.size();
        rest = new double[n];
        inner = new double[n];
        rates = new double[n];
        charge = new double[n];
    }

    /** A stretch of the day with constant powers. */
    record Stretch(double hours, double[] watts) {}

    /**
     * Runs from the charge the packs start with.
     *
     * @param fromH hours of the day that are over already
     */
    Run run(List<Stretch> day, double[] meanWatts, double fromH) {
        timeH = fromH;
        for (int i = 0; i < charge.length; i++) {
            charge[i] = packs.get(i).startCharge();
        }
        for (Stretch stretch : day) {
            if (stretch(stretch.watts(), stretch.hours())) {
                return ended();
            }
        }
        stretch(meanWatts, LONGEST_H - timeH);
        return ended();
    }

    private Run ended() {
        return new Run(timeH, nearest, nearestDevice, givenAh, energy, charge[lead()], List.of(), List.copyOf(points));
    }

    /** Goes through one stretch; true where an end was met. */
    private boolean stretch(double[] powers, double hours) {
        watts = powers;
        double left = hours;
        look(charge);
        note();
        if (margin <= 0) {
            return true;
        }
        for (int steps = 0; steps < MOST_STEPS && left > 1e-9; steps++) {
            int lead = nextAtKnot();
            double floor = packs.get(lead).emptyCharge();
            double rate = rates[lead];
            if (rate * left < SAME_CHARGE) {
                timeH += left;
                return false;
            }
            double to = Math.max(floor, knotBelow(charge[lead]));
            double[] start = charge.clone();
            double[] startRates = rates.clone();
            double startAmps = totalAmps();
            double startW = totalWatts();
            double startInnerW = innerWatts();
            double[] startWh = whPerCharge();
            double[] next = new double[charge.length];
            double took = follow(start, startRates, lead, to, next);
            for (int halved = 0; halved < MOST_HALVED && margin > 0 && turns(startRates, lead); halved++) {
                to = (start[lead] + to) / 2;
                took = follow(start, startRates, lead, to, next);
            }
            if (took > left) {
                // the stretch ends inside this step: charge drawn grows as the exponential of time
                double growth = Math.log(rates[lead] / rate) / took;
                double drawn = Math.abs(growth * left) < 1e-9 ? rate * left : rate * Math.expm1(growth * left) / growth;
                took = follow(start, startRates, lead, start[lead] - drawn, next);
                took = left;
            }
            if (margin <= 0) {
                took = backUp(start, startRates, lead, next);
            }
            givenAh += took * (startAmps + totalAmps()) / 2;
            note(took, startW, startInnerW, start, startWh, next);
            timeH += took;
            left -= took;
            System.arraycopy(next, 0, charge, 0, charge.length);
            note();
            if (margin <= 1e-12) {
                return true;
            }
            if (charge[lead] - floor < SAME_CHARGE) {
                nearest = floor < SAME_CHARGE ? End.EMPTY : End.RESERVE;
                return true;
            }
        }
        return false;
    }

    /**
     * Takes the leading pack from {@code start} down to {@code to}, the others along with it; leaves the new charges in
     * {@code next}, their rates and margin looked at, and returns the hours it takes.
     */
    private double follow(double[] start, double[] startRates, int lead, double to, double[] next) {
        double drop = start[lead] - to;
        double took = drop / startRates[lead];
        double[] endRates = startRates;
        settled = packs.size() == 1;
        // the others' way and the time it takes hang on each other's end: they settle within a few rounds
        for (int round = 0; round < MOST_ROUNDS; round++) {
            move(start, startRates, endRates, took, next);
            next[lead] = to;
            look(next);
            double before = took;
            took = drop / logMean(startRates[lead], rates[lead]);
            settled |= Math.abs(took - before) <= SETTLED * took;
            if (settled) {
                break;
            }
            endRates = rates.clone();
        }
        return took;
    }

    private static void move(double[] start, double[] a, double[] b, double hours, double[] next) {
        for (int i = 0; i < next.length; i++) {
            next[i] = Math.max(0, Math.min(1, start[i] - hours * (a[i] + b[i]) / 2));
        }
    }

    /** Finds where in the step the margin was used up: regula falsi, halving where there is no operating point. */
    private double backUp(double[] start, double[] startRates, int lead, double[] next) {
        look(start);
        double good = start[lead];
        double goodMargin = margin;
        double bad = next[lead];
        look(next);
        double badMargin = margin;
        double took = 0;
        for (int i = 0; i < 60 && good - bad > 1e-10; i++) {
            double share = Double.isInfinite(badMargin) || i % 3 == 2 ? 0.5 : goodMargin / (goodMargin - badMargin);
            double at = good + (bad - good) * Math.min(0.999, Math.max(0.001, share));
            took = follow(start, startRates, lead, at, next);
            if (margin > 1e-12) {
                good = at;
                goodMargin = margin;
            } else {
                bad = at;
                badMargin = margin;
            }
            if (Math.abs(margin) < 1e-9) {
                break;
            }
        }
        margin = 0;
        return took;
    }

    /** Whether the packs share the current otherwise than at the start of the step: then the step was too long. */
    private boolean turns(double[] startRates, int lead) {
        if (!settled) {
            return true;
        }
        for (int i = 0; i < rates.length && rates.length > 1; i++) {
            if (Math.abs(rates[i] - startRates[i]) > TURNS * Math.abs(startRates[lead])) {
                return true;
            }
        }
        return false;
    }

    /** Mean of a rate that is linear in charge, over time. */
    private static double logMean(double a, double b) {
        if (!(b > 0) || Math.abs(a - b) < 1e-9 * a) {
            return a;
        }
        return (b - a) / Math.log(b / a);
    }

    private static double knotBelow(double at) {
        for (int i = KNOTS.length - 1; i >= 0; i--) {
            if (KNOTS[i] < at - SAME_CHARGE) {
                return KNOTS[i];
            }
        }
        return 0;
    }

    /** The pack that reaches a bend of its curve, or its floor, first at the present rates: no step crosses a bend. */
    private int nextAtKnot() {
        int next = 0;
        double soonest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < packs.size(); i++) {
            double to = Math.max(packs.get(i).emptyCharge(), knotBelow(charge[i]));
            double hours = rates[i] > 0 ? (charge[i] - to) / rates[i] : 1e12;
            if (hours < soonest) {
                soonest = hours;
                next = i;
            }
        }
        return next;
    }

    /** The pack that reaches its floor first at the present rates. */
    private int lead() {
        int lead = 0;
        double soonest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < packs.size(); i++) {
            double hours = rates[i] > 0 ? (charge[i] - packs.get(i).emptyCharge()) / rates[i] : 1e12;
            if (hours < soonest) {
                soonest = hours;
                lead = i;
            }
        }
        return lead;
    }

    /** Solves the network at these charges: sets rates, margin and which end is nearest. */
    private void look(double[] at) {
        Arrays.fill(sourceV, 0);
        Arrays.fill(sourceOhm, 0);
        for (int i = 0; i < packs.size(); i++) {
            rest[i] = packs.get(i).restVolts(at[i]);
            inner[i] = packs.get(i).ohm(at[i]);
            sourceV[sourceOf[i]] += rest[i];
            sourceOhm[sourceOf[i]] += inner[i];
        }
        if (!network.solve(sourceV, sourceOhm, watts)) {
            margin = Double.NEGATIVE_INFINITY;
            nearest = End.DEVICE_MINIMUM;
            nearestDevice = firstFed();
            watchedV = 0;
            return;
        }
        margin = Double.POSITIVE_INFINITY;
        watchedV = Double.POSITIVE_INFINITY;
        for (int d = 0; d < nodes.length; d++) {
            if (nodes[d] >= 0 && watts[d] > 0) {
                double volts = network.volts(nodes[d]);
                watchedV = Math.min(watchedV, volts);
                nearer(volts - minV[d], End.DEVICE_MINIMUM, d);
            }
        }
        for (int i = 0; i < packs.size(); i++) {
            double amps = amps(sourceOf[i]);
            PackModel pack = packs.get(i);
            rates[i] = amps / (pack.availableAh() * pack.rateFactor(amps));
            End end = pack.chemistry().lead() ? End.EMPTY : End.PACK_CUT_OFF;
            nearer(rest[i] - inner[i] * amps - pack.cutOffVolts(), end, nearestDevice);
        }
        if (Double.isInfinite(watchedV)) {
            watchedV = sourceV[0];
        }
    }

    private int firstFed() {
        for (int d = 0; d < nodes.length; d++) {
            if (nodes[d] >= 0 && watts[d] > 0) {
                return d;
            }
        }
        return 0;
    }

    private void nearer(double left, End end, int device) {
        if (left < margin) {
            margin = left;
            nearest = end;
            nearestDevice = device;
        }
    }

    private double amps(int source) {
        return network.packAmps(source, sourceV, sourceOhm);
    }

    private double totalAmps() {
        double sum = 0;
        for (int s = 0; s < sourceV.length; s++) {
            sum += amps(s);
        }
        return sum;
    }

    private double totalWatts() {
        double sum = 0;
        for (int s = 0; s < sourceV.length; s++) {
            double amps = amps(s);
            sum += amps * (sourceV[s] - sourceOhm[s] * amps);
        }
        return sum;
    }

    /** Power lost inside the packs. */
    private double innerWatts() {
        double sum = 0;
        for (int i = 0; i < packs.size(); i++) {
            double amps = amps(sourceOf[i]);
            sum += amps * amps * inner[i];
        }
        return sum;
    }

    /** Energy that leaves each pack's cells with a unit of its charge [Wh]. */
    private double[] whPerCharge() {
        double[] all = new double[packs.size()];
        for (int i = 0; i < all.length; i++) {
            PackModel pack = packs.get(i);
            all[i] = rest[i] * pack.availableAh() * pack.rateFactor(amps(sourceOf[i]));
        }
        return all;
    }

    private double fedWatts() {
        double sum = 0;
        for (int d = 0; d < nodes.length; d++) {
            sum += nodes[d] >= 0 ? watts[d] : 0;
        }
        return sum;
    }

    /** Adds one step to the balance: the cells by their charge, everything else by time. */
    private void note(double took, double startW, double startInnerW, double[] start, double[] startWh, double[] next) {
        double[] endWh = whPerCharge();
        double cells = 0;
        for (int i = 0; i < endWh.length; i++) {
            cells += (start[i] - next[i]) * (startWh[i] + endWh[i]) / 2;
        }
        double devices = took * fedWatts();
        energy = energy.plus(new Energy(
                cells, devices, took * (startW + totalWatts()) / 2 - devices, took * (startInnerW + innerWatts()) / 2));
    }

    private void note() {
        if (keepPoints && Double.isFinite(watchedV)) {
            List<Double> shares = new ArrayList<>();
            for (int s = 0; s < sourceV.length; s++) {
                shares.add(amps(s));
            }
            points.add(new CurvePoint(timeH, charge[lead()], watchedV, List.copyOf(shares)));
        }
    }
}
