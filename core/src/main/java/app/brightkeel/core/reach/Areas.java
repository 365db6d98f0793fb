package app.brightkeel.core.reach;

import app.brightkeel.core.rig.Assumptions;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Zone;
import java.util.ArrayList;
import java.util.List;

/**
 * Room that is kept clear around the seat; common practice, no source.
 *
 * <p>Rods stand in their holders behind the seat, unless the craft says where. A paddle sweeps outside the hull from ahead of the knees to the hip,
 * so that a post 0.75-1.05 m ahead of the seat stands clear. Knees and pedals turn ahead of the seat. Fish are landed
 * beside it: on the side away from the working hand, or on that of the hand where the person keeps it free for the rod.
 */
final class Areas {

    private static final double PADDLE_AHEAD_M = 0.70;
    private static final double HIP_M = 0.05;
    private static final double PADDLE_OUT_M = 0.45;
    private static final double INBOARD_M = 0.05;
    private static final double PEDALS_AHEAD_M = 0.95;
    private static final double PEDALS_NEAR_M = 0.40;
    private static final double KNEES_M = 0.20;
    private static final double LANDING_AHEAD_M = 0.45;
    private static final double LANDING_BEHIND_M = 0.30;
    private static final double RODS_FROM_M = 0.15;
    private static final double RODS_TO_M = 0.45;
    private static final double RODS_IN_M = 0.15;

    private Areas() {}

    static List<Area> of(SeatNeeds needs) {
        double seat = needs.seatM();
        double half = needs.beamM() / 2;
        double tall = needs.tallM() / Assumptions.BODY_M;
        List<Area> all = new ArrayList<>();
        if (paddled(needs)) {
            double fore = seat - PADDLE_AHEAD_M * tall;
            all.add(new Area(Zone.PADDLE, fore, seat + HIP_M, -half - PADDLE_OUT_M, -half + INBOARD_M));
            all.add(new Area(Zone.PADDLE, fore, seat + HIP_M, half - INBOARD_M, half + PADDLE_OUT_M));
        }
        if (needs.kind() == CraftKind.PEDAL_KAYAK) {
            all.add(new Area(
                    Zone.PEDALS, seat - PEDALS_AHEAD_M * tall, seat - PEDALS_NEAR_M * tall, -KNEES_M, KNEES_M));
        }
        if (needs.kept().stream().noneMatch(room -> room.use() == Zone.RODS)) {
            all.add(rods(seat, -half));
            all.add(rods(seat, half));
        }
        // what stands in a well stands there on purpose
        needs.kept().stream()
                .filter(room -> room.use() != Zone.WELL && room.use() != Zone.NONE)
                .forEach(room -> all.add(Area.of(room)));
        int landing = -needs.post().side(needs.hand());
        if (landing != 0) {
            double inner = half - INBOARD_M;
            double outer = half + PADDLE_OUT_M;
            all.add(new Area(
                    Zone.LANDING,
                    seat - LANDING_AHEAD_M,
                    seat + LANDING_BEHIND_M,
                    landing < 0 ? -outer : inner,
                    landing < 0 ? -inner : outer));
        }
        return all;
    }

    /** Behind the seat, inside each edge. */
    private static Area rods(double seatM, double edgeM) {
        double inner = edgeM - Math.signum(edgeM) * RODS_IN_M;
        return new Area(
                Zone.RODS, seatM + RODS_FROM_M, seatM + RODS_TO_M, Math.min(edgeM, inner), Math.max(edgeM, inner));
    }

    private static boolean paddled(SeatNeeds needs) {
        return switch (needs.kind()) {
            case SIT_ON_TOP, SIT_INSIDE, CANOE, INFLATABLE, BOARD -> true;
            default -> needs.alsoPaddled();
        };
    }
}
