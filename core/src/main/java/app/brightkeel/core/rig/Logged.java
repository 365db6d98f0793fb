package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * At which depths was really fished, from the logs of a display.
 *
 * @param name    of what was read, "" where nothing was
 * @param binM    height of one step of depth, 0.05 to 50 [m]
 * @param hoursAt time in each step, from the surface down [h]
 */
@RecordBuilder
public record Logged(String name, Figure binM, List<Double> hoursAt) implements LoggedBuilder.With {

    public static final Logged NOTHING = new Logged("", Figure.UNSET, List.of());

    /** Most steps of depth. */
    public static final int MOST_STEPS = 200;

    /** @throws Refusal naming the field for hours of steps whose height is not known, or below 0 */
    public Logged {
        Checks.text("name", name);
        Figure.within("binM", binM, 0.05, 50, "m");
        hoursAt = Checks.atMost("hoursAt", MOST_STEPS, hoursAt);
        for (int i = 0; i < hoursAt.size(); i++) {
            Checks.within("hoursAt[" + i + "]", hoursAt.get(i), 0, 10_000, "h");
        }
        if (!hoursAt.isEmpty() && !binM.isSet()) {
            throw new Refusal(RefusalCode.OUT_OF_RANGE, "binM", "unset", "0.05 to 50 m where there are hours");
        }
    }

    /** Whole time over any bottom [h]. */
    public double hours() {
        double all = 0;
        for (double hours : hoursAt) {
            all += hours;
        }
        return all;
    }
}
