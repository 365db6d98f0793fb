package app.brightkeel.core.trip;

import app.brightkeel.core.rig.Figure;

/**
 * A trip as the plan had it, as it was, and as what was learnt has it.
 *
 * @param trip     its id
 * @param day      as 2026-10-31
 * @param hadH     hours that it lasted [h], and {@code ranOut} whether the rig ended it
 * @param plannedH until the rig would have stopped under the same conditions, by the plan [h]
 * @param learntH  the same by what the log taught [h]
 * @param beforeV  rest volts before, as read or as its charge has them [V]
 * @param plannedV rest volts after by the plan [V], and {@code learntV} by what the log taught
 * @param lowV     eight in ten readings lie between this and {@code highV} [V]
 * @param saidV    as read [V]; unset where nobody read them
 */
public record Hindsight(
        String trip,
        String day,
        double hadH,
        boolean ranOut,
        double plannedH,
        double learntH,
        double beforeV,
        double plannedV,
        double learntV,
        double lowV,
        double highV,
        Figure saidV) {

    static Hindsight of(Gear gear, TripModel model, Fit fit, int t) {
        Trip trip = model.trips().get(t);
        Observed after = new Observed(t, Observed.Sort.AFTER, 0);
        Observed stop = new Observed(t, Observed.Sort.RAN_OUT, 0);
        double learntV = model.predicted(after, fit.point());
        double wide = Calibration.TENTH * fit.deviation(model, after);
        return new Hindsight(
                trip.id(),
                trip.day(),
                trip.hours(),
                trip.ranOut(),
                Math.exp(model.predicted(stop, model.prior())),
                Math.exp(model.predicted(stop, fit.point())),
                trip.charged() ? gear.restV(1) : trip.beforeV().value(),
                model.predicted(after, model.prior()),
                learntV,
                learntV - wide,
                learntV + wide,
                trip.afterV());
    }
}
