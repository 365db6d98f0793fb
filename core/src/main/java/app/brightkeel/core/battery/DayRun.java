package app.brightkeel.core.battery;

import java.util.ArrayList;
import java.util.List;

/**
 * One run to its end.
 *
 * @param hours    from the start to the end
 * @param device   place of the device that stopped, where the end is its minimum
 * @param givenAh  ampere-hours that left the packs
 * @param energy   and where it went
 * @param charge   left in the pack that ended it
 * @param changesH when a spare was changed to [h]
 * @param points   of the curve, empty where none were asked for
 */
public record DayRun(
        double hours,
        End end,
        int device,
        double givenAh,
        Energy energy,
        double charge,
        List<Double> changesH,
        List<CurvePoint> points) {

    /** This run, and another with the next pack that begins where it ended; its hours count from the very start. */
    DayRun then(DayRun next) {
        List<Double> changes = new ArrayList<>(changesH);
        changes.add(hours);
        changes.addAll(next.changesH());
        List<CurvePoint> both = new ArrayList<>(points);
        both.addAll(next.points());
        return new DayRun(
                next.hours(),
                next.end(),
                next.device(),
                givenAh + next.givenAh(),
                energy.plus(next.energy()),
                next.charge(),
                List.copyOf(changes),
                List.copyOf(both));
    }
}
