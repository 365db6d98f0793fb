package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * Something on the way of a cable that moves, and takes more cable at the far end of its travel than at the near one.
 *
 * @param strokeM  how far it slides, or how far from its pivot it carries the cable, 0.01 to 3 [m]; never assumed
 * @param angleDeg through which it turns, 1 to 360 [°]; of no use for what slides
 * @param freed    whether the cable is unplugged before it moves, and needs no slack for it
 */
@RecordBuilder
public record Travel(Moves what, Figure strokeM, Figure angleDeg, boolean freed) implements TravelBuilder.With, Worded {

    private static final double HALF_TURN_DEG = 180;

    public Travel {
        Figure.within("strokeM", strokeM, 0.01, 3, "m");
        Figure.within("angleDeg", angleDeg, 1, 360, "°");
    }

    /**
     * By how much the way of the cable is longer at the far end than at the near one [m]: the stroke, or the chord over
     * the angle it turns through; asked only where the stroke is known.
     */
    public double extraM() {
        if (freed) {
            return 0;
        }
        double stroke = strokeM.value();
        double angle = angleDeg.isSet() ? Math.min(HALF_TURN_DEG, angleDeg.value()) : HALF_TURN_DEG;
        return what.turns() ? 2 * stroke * Math.sin(Math.toRadians(angle / 2)) : stroke;
    }

    /** Of several together; what is not known yet counts nothing. */
    public static double extraM(List<Travel> travels) {
        return travels.stream()
                .filter(travel -> travel.strokeM().isSet())
                .mapToDouble(Travel::extraM)
                .sum();
    }

    @Override
    public String words() {
        return what.words() + (freed ? ", cable unplugged first" : "");
    }
}
