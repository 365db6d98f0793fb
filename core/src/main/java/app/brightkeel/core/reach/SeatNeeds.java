package app.brightkeel.core.reach;

import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Hand;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Pose;
import app.brightkeel.core.rig.Schools;
import java.util.List;
import java.util.Optional;

/**
 * What decides what is within reach and in sight.
 *
 * @param alsoPaddled whether one that is driven by pedals or a motor is paddled, too
 * @param seatM       middle of the seat aft of the bow, {@code seatHeightM} over the lowest line of the hull
 * @param beamM       greatest width of the craft
 * @param kept        rooms of the craft that have a place and a size
 * @param tallM       body height
 */
public record SeatNeeds(
        CraftKind kind,
        boolean alsoPaddled,
        double seatM,
        double seatHeightM,
        double beamM,
        double tallM,
        Hand hand,
        Schools.Post post,
        List<KeptRoom> kept,
        List<Thing> things) {

    public SeatNeeds {
        kept = List.copyOf(kept);
        things = List.copyOf(things);
    }

    /**
     * A screen, or a mount that stands beside the hull.
     *
     * @param screen whether it is looked at
     * @param pose   in use, or folded inboard by its arm
     * @param textM  height of its figures that matter, where known
     * @param keypad whether a keypad is aboard that works it, so that it need not be touched
     */
    public record Thing(
            String id,
            String name,
            boolean screen,
            Pose pose,
            double xM,
            double yM,
            double zM,
            Optional<Double> textM,
            boolean keypad) {}
}
