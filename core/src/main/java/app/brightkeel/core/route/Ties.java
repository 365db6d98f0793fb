package app.brightkeel.core.route;

import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Way;

/**
 * What holds one cable in the open.
 *
 * @param count of ties, the one behind the transducer with them
 * @param loose whether they are reusable straps, never pulled tight: a lead that has to move, come off or stay soft
 */
public record Ties(int count, boolean loose) {

    /** From one to the next in the open [m]; common practice, no source. */
    public static final double EVERY_M = 0.30;

    public static Ties of(Rig rig, LaidCable laid) {
        int count = laid.sonar() ? 1 : 0;
        for (Passage leg : laid.legs()) {
            if (leg.way() == Way.OPEN_DECK) {
                count += (int) Math.ceil(leg.lengthM().value() / EVERY_M);
            }
        }
        boolean moves = rig.runOf(laid.carries())
                .map(Run::travels)
                .filter(t -> !t.isEmpty())
                .isPresent();
        boolean comesOff = rig.places().stream()
                .filter(Placement::comesOff)
                .anyMatch(place -> place.station().equals(laid.cable().start())
                        || place.station().equals(laid.cable().end()));
        return new Ties(count, laid.sonar() || moves || comesOff);
    }
}
