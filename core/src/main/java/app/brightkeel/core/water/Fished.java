package app.brightkeel.core.water;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Logged;
import app.brightkeel.core.rig.Water;
import java.util.Optional;

/**
 * Where was really fished, as a log shows it.
 *
 * @param logged   time by depth, as the display showed it
 * @param leastM   a twentieth of the time was spent shallower [m]
 * @param typicalM half of the time [m]
 * @param mostM    a twentieth of the time was spent deeper [m]
 * @param waterC   mean of the measured temperatures
 * @param samples  depths that were used
 * @param dropped  depths that cannot have been true
 */
public record Fished(
        Logged logged,
        double leastM,
        double typicalM,
        double mostM,
        Optional<Double> waterC,
        int samples,
        int dropped) {

    /**
     * A water with its depths as they were fished.
     *
     * @param error of the depths the display shows, as a share of the true ones
     */
    public Water depthsIn(Water water, double error) {
        return water.with(fished -> fished.leastM(depth(leastM, error))
                .typicalM(depth(typicalM, error))
                .mostM(depth(mostM, error))
                .logged(logged));
    }

    /** A water with the temperature that was measured; as it is where none was. */
    public Water temperatureIn(Water water) {
        return waterC.map(celsius -> water.withWaterC(Figure.measured(Math.round(celsius * 10) / 10.0)))
                .orElse(water);
    }

    private static Figure depth(double shownM, double error) {
        double trueM = Math.round(shownM / (1 + error) * 10) / 10.0;
        return Figure.measured(Math.max(0.2, Math.min(1000, trueM)));
    }
}
