package app.brightkeel.core.reach;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a seated person reaches and sees, and the room that is needed.
 *
 * @param atEaseM how far the hand goes at ease, {@code stretchedM} stretched, {@code leaningM} ahead when leaning
 * @param areas   of the craft as it is used
 */
public record Seated(
        double seatM, double atEaseM, double stretchedM, double leaningM, List<Area> areas, List<FromSeat> things) {

    public Seated {
        areas = List.copyOf(areas);
        things = List.copyOf(things);
    }

    /**
     * One thing as seen from the seat.
     *
     * @param awayM    from the middle of the seat, in plan
     * @param beyondM  how far beyond the hand it is in each posture, negative within reach
     * @param eyeM     from the eye
     * @param neededM  height that figures on it need afloat
     * @param standsIn areas it stands in
     * @param side     1 right, −1 left of the centre line, 0 on it
     */
    public record FromSeat(
            SeatNeeds.Thing thing,
            double awayM,
            Map<Posture, Double> beyondM,
            double eyeM,
            double neededM,
            Set<Area> standsIn,
            int side) {

        public FromSeat {
            beyondM = Map.copyOf(beyondM);
            standsIn = Set.copyOf(standsIn);
        }

        public boolean reached(Posture posture) {
            return beyondM.getOrDefault(posture, 0.0) <= 0;
        }
    }
}
