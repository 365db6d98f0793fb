package app.brightkeel.core.trip;

import app.brightkeel.core.battery.Curves;
import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.battery.Simulation;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;

/**
 * What the plan has of a rig, as a log can correct it.
 *
 * @param baseW    of everything but modules, screens dark [W]
 * @param backW    of all backlights at full [W]
 * @param moduleW  of modules and what else is no display [W]
 * @param spread   of the draws, one standard deviation of their logarithm
 * @param ah       of the battery in use, warm and at its rated current, as old as it is [Ah]
 * @param ahSpread of that, one standard deviation of its logarithm
 * @param blocks   in series
 * @param volts    of the battery at rest, mean over what it gives [V]
 * @param ohms     of all that lies between its cells and the devices: what a current loses there [Ω]
 * @param ratedA   current of the rating [A], and {@code peukert} the exponent
 * @param reach    share of the charge that can be drawn warm, before the rig stops
 */
public record Gear(
        double baseW,
        double backW,
        double moduleW,
        double spread,
        double ah,
        double ahSpread,
        Chemistry chemistry,
        int blocks,
        double volts,
        double ohms,
        double ratedA,
        double peukert,
        double reach) {

    /** Between the 10 % and the middle point a normal distribution has so many standard deviations. */
    private static final double TENTH = 1.2816;

    private static final double LEAST_SPREAD = 0.02;
    private static final double SAME_A = 1e-9;

    /** Of the first circuit of a rig; asked where its hours are known. */
    public static Outcome<Gear> of(Line line) {
        return Outcome.both(
                line.needs(Runtime.STAGE),
                line.get(Curves.STAGE),
                (simulation, curves) -> of(line.rig(), simulation, curves.toEmpty()));
    }

    /** @param run until the rig stops by itself, whatever reserve was planned */
    private static Gear of(Rig rig, Simulation simulation, DayRun run) {
        double base = 0;
        double back = 0;
        double module = 0;
        double spread = 0;
        PackString first = simulation.packs().get(0);
        PackModel pack = simulation.first();
        double given = Math.max(1e-9, run.givenAh());
        double lost = run.energy().wireWh() + run.energy().innerWh();
        for (int place : simulation.fed()) {
            Device device = rig.devices().get(place);
            double full = simulation.load().fullW().get(place);
            double bright =
                    device.draw().wattsAt(1, first.meanVolts()) - device.draw().wattsAt(0, first.meanVolts());
            double dark = full - bright / Load.passedOn(device);
            if (device.kind().display()) {
                base += dark;
                back += full - dark;
            } else {
                module += full;
            }
            spread += full * simulation.spread().draw().get(place);
        }
        double all = Math.max(1e-6, base + back + module);
        double ah = simulation.packs().stream()
                .mapToDouble(source -> source.least(PackModel::agedAh))
                .sum();
        return new Gear(
                base,
                back,
                module,
                Math.max(LEAST_SPREAD, Math.log1p(spread / all) / TENTH),
                ah,
                Math.max(LEAST_SPREAD, Math.log1p(simulation.spread().capacity()) / TENTH),
                pack.chemistry(),
                (int) Math.round(first.sum(PackModel::blocks)),
                run.energy().givenWh() / given + run.energy().innerWh() / given,
                lost / given / Math.max(1e-6, given / Math.max(1e-6, run.hours())),
                simulation.packs().stream()
                        .mapToDouble(source -> source.least(each -> each.ratedAh() / each.ratedHours()))
                        .sum(),
                pack.peukert(),
                1 - run.charge());
    }

    /** Whether another plan has the same battery, however worn. */
    public boolean sameBattery(Gear other) {
        return chemistry == other.chemistry && blocks == other.blocks && Math.abs(ratedA - other.ratedA) < SAME_A;
    }

    /** Share of the warm capacity that a temperature leaves. */
    double cold(double celsius) {
        return chemistry.data().capacityAt(celsius);
    }

    /** Rest volts at a charge 0 to 1. */
    double restV(double charge) {
        return blocks * chemistry.data().openCircuit().at(Math.max(0, Math.min(1, charge)));
    }

    /** Charge by rest volts, 0 to 1. */
    double charge(double volts) {
        return Math.max(0, Math.min(1, chemistry.data().openCircuit().where(volts / blocks)));
    }

    /** Volts by which the rest moves with the charge, at a charge. */
    double slope(double charge) {
        double step = 0.02;
        return (restV(charge + step) - restV(charge - step)) / (2 * step);
    }

    /** Current that devices of so many watts take [A], by U·I = P + R·I²: what is lost on the way is drawn with them. */
    double amps(double watts) {
        double left = volts * volts - 4 * ohms * watts;
        return left > 0 ? 2 * watts / (volts + Math.sqrt(left)) : volts / (2 * ohms);
    }

    /** Peukert's factor at a current, at most 1. */
    double rate(double amps) {
        return amps <= ratedA ? 1 : Math.pow(ratedA / amps, peukert - 1);
    }
}
