package app.brightkeel.core.battery;

import app.brightkeel.core.circuit.Network;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One run of the packs through the day, until the first of four ends.
 *
 * <p>Between two knots of the rest-voltage curve the rate at which charge leaves is taken as linear in charge, so time
 * is a logarithm and the ends are found exactly: no clock ticks. Several packs in parallel follow the one that is first
 * at a bend of its curve, in steps short enough for their shares to settle; packs in series give the same current. The
 * run ends with the first of them. After the phases of the day its mean load goes on.
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

    /** Points of a run after which steps are no longer halved: packs too unlike to join are not worth more. */
    private static final int MOST_LOOKS = 1500;

    private final OperatingPoint now;
    private final List<PackModel> packs;
    private final double[] charge;
    private final List<CurvePoint> points = new ArrayList<>();
    private final boolean keepPoints;
    private double timeH;
    private double givenAh;
    private Energy energy = Energy.NONE;

    private int looks;

    /** Whether the rounds of the last step came to rest. */
    private boolean settled;

    /**
     * @param nodes      of each device in the network, −1 where nothing feeds it
     * @param minV       of each device
     * @param keepPoints whether to keep the curve for a picture
     */
    Discharge(Network network, List<PackString> sources, int[] nodes, double[] minV, boolean keepPoints) {
        now = new OperatingPoint(network, sources, nodes, minV);
        packs = now.packs();
        charge = new double[packs.size()];
        this.keepPoints = keepPoints;
    }

    /** A stretch of the day with constant powers. */
    record Stretch(double hours, double[] watts) {}

    /** Where a step begins: what its end is averaged with. */
    private record Start(double[] charge, double[] rates, double amps, double watts, double innerW, double[] wh) {}

    /**
     * Runs from the charge the packs start with.
     *
     * @param fromH hours of the day that are over already
     */
    DayRun run(List<Stretch> day, double[] meanWatts, double fromH) {
        timeH = fromH;
        for (int i = 0; i < charge.length; i++) {
            charge[i] = packs.get(i).startCharge();
        }
        for (Stretch stretch : day) {
            End end = stretch(stretch.watts(), stretch.hours());
            if (end != null) {
                return ended(end);
            }
        }
        End end = stretch(meanWatts, LONGEST_H - timeH);
        return ended(end == null ? now.nearest() : end);
    }

    private DayRun ended(End end) {
        double left = charge[soonest(false)];
        return new DayRun(timeH, end, now.nearestDevice(), givenAh, energy, left, List.of(), List.copyOf(points));
    }

    /** Goes through one stretch; the end that was met in it, null where none was. */
    private @Nullable End stretch(double[] powers, double hours) {
        now.draw(powers);
        double left = hours;
        now.look(charge);
        note();
        if (!now.works()) {
            return now.nearest();
        }
        for (int steps = 0; steps < MOST_STEPS && left > 1e-9; steps++) {
            int spent = spent();
            if (spent >= 0) {
                return floorOf(spent);
            }
            int lead = soonest(true);
            if (now.rate(lead) * left < SAME_CHARGE) {
                timeH += left;
                return null;
            }
            left -= step(lead, left);
            note();
            if (now.margin() <= 1e-12) {
                return now.nearest();
            }
        }
        int spent = spent();
        return spent >= 0 ? floorOf(spent) : null;
    }

    /** A pack that is at its floor, or was never above it, and goes on giving; −1 where none is. */
    private int spent() {
        for (int i = 0; i < packs.size(); i++) {
            if (now.rate(i) > 0 && charge[i] - packs.get(i).emptyCharge() < SAME_CHARGE) {
                return i;
            }
        }
        return -1;
    }

    /** What a pack at its floor has come to. */
    private End floorOf(int pack) {
        return packs.get(pack).emptyCharge() < SAME_CHARGE ? End.EMPTY : End.RESERVE;
    }

    /** One step towards the next bend of the leading pack's curve, no longer than what is left; the hours it took. */
    private double step(int lead, double left) {
        Start start = new Start(
                charge.clone(), now.rates(), now.totalAmps(), now.totalWatts(), now.innerWatts(), now.whPerCharge());
        double rate = start.rates()[lead];
        double[] next = new double[charge.length];
        double to = next(lead);
        double took = follow(start, lead, to, next);
        for (int halved = 0;
                halved < MOST_HALVED && looks < MOST_LOOKS && now.works() && turns(start, lead);
                halved++) {
            to = (start.charge()[lead] + to) / 2;
            took = follow(start, lead, to, next);
        }
        if (took > left) {
            follow(start, lead, start.charge()[lead] - drawn(rate, now.rate(lead), took, left), next);
            took = left;
        }
        if (!now.works()) {
            took = backUp(start, lead, next);
        }
        count(start, took, next);
        timeH += took;
        System.arraycopy(next, 0, charge, 0, charge.length);
        return took;
    }

    /** Charge drawn where the stretch ends inside a step: it grows as the exponential of time. */
    private static double drawn(double startRate, double endRate, double took, double left) {
        double growth = endRate > 0 ? Math.log(endRate / startRate) / took : 0;
        return Math.abs(growth * left) < 1e-9 ? startRate * left : startRate * Math.expm1(growth * left) / growth;
    }

    /**
     * Takes the leading pack down to {@code to}, the others along with it; leaves the new charges in {@code next}, the
     * point there looked at, and returns the hours it takes.
     */
    private double follow(Start start, int lead, double to, double[] next) {
        double drop = start.charge()[lead] - to;
        double took = drop / start.rates()[lead];
        double[] endRates = start.rates();
        settled = packs.size() == 1;
        // the others' way and the time it takes hang on each other's end: they settle within a few rounds
        for (int round = 0; round < MOST_ROUNDS; round++) {
            for (int i = 0; i < next.length; i++) {
                double moved = took * (start.rates()[i] + endRates[i]) / 2;
                next[i] = Math.max(0, Math.min(1, start.charge()[i] - moved));
            }
            next[lead] = to;
            now.look(next);
            looks++;
            double before = took;
            took = drop / logMean(start.rates()[lead], now.rate(lead));
            settled |= Math.abs(took - before) <= SETTLED * took;
            if (settled) {
                break;
            }
            endRates = now.rates();
        }
        return took;
    }

    /** Finds where in the step the margin was used up: regula falsi, halving where there is no operating point. */
    private double backUp(Start start, int lead, double[] next) {
        now.look(start.charge());
        double good = start.charge()[lead];
        double goodMargin = now.margin();
        double bad = next[lead];
        now.look(next);
        double badMargin = now.margin();
        double took = 0;
        for (int i = 0; i < 60 && good - bad > 1e-10; i++) {
            double share = Double.isInfinite(badMargin) || i % 3 == 2 ? 0.5 : goodMargin / (goodMargin - badMargin);
            double at = good + (bad - good) * Math.min(0.999, Math.max(0.001, share));
            took = follow(start, lead, at, next);
            if (now.margin() > 1e-12) {
                good = at;
                goodMargin = now.margin();
            } else {
                bad = at;
                badMargin = now.margin();
            }
            if (Math.abs(now.margin()) < 1e-9) {
                break;
            }
        }
        now.usedUp();
        return took;
    }

    /** Whether the packs share the current otherwise than at the start of the step: then the step was too long. */
    private boolean turns(Start start, int lead) {
        if (!settled) {
            return true;
        }
        for (int i = 0; i < packs.size() && packs.size() > 1; i++) {
            if (Math.abs(now.rate(i) - start.rates()[i]) > TURNS * Math.abs(start.rates()[lead])) {
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

    /** The next bend of a pack's curve, or its floor. */
    private double next(int pack) {
        double floor = packs.get(pack).emptyCharge();
        for (int i = KNOTS.length - 1; i >= 0; i--) {
            if (KNOTS[i] < charge[pack] - SAME_CHARGE) {
                return Math.max(floor, KNOTS[i]);
            }
        }
        return floor;
    }

    /** The pack that is first at its floor, or at a bend on its way there, at the present rates. */
    private int soonest(boolean bends) {
        int first = 0;
        double soonest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < packs.size(); i++) {
            double to = bends ? next(i) : packs.get(i).emptyCharge();
            double hours = now.rate(i) > 0 ? (charge[i] - to) / now.rate(i) : 1e12;
            if (hours < soonest) {
                soonest = hours;
                first = i;
            }
        }
        return first;
    }

    /** Adds one step to what was given and to the balance: the cells by their charge, everything else by time. */
    private void count(Start start, double took, double[] next) {
        double[] wh = now.whPerCharge();
        double cells = 0;
        for (int i = 0; i < wh.length; i++) {
            cells += (start.charge()[i] - next[i]) * (start.wh()[i] + wh[i]) / 2;
        }
        double devices = took * now.fedWatts();
        double wire = took * (start.watts() + now.totalWatts()) / 2 - devices;
        energy = energy.plus(new Energy(cells, devices, wire, took * (start.innerW() + now.innerWatts()) / 2));
        givenAh += took * (start.amps() + now.totalAmps()) / 2;
    }

    private void note() {
        if (keepPoints && Double.isFinite(now.watchedV())) {
            points.add(new CurvePoint(timeH, charge[soonest(false)], now.watchedV(), now.shares()));
        }
    }
}
