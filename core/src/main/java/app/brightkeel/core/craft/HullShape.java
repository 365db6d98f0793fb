package app.brightkeel.core.craft;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.CraftKind;

/**
 * A hull without its sizes: how its sections change from bow (0) to stern (1).
 *
 * @param breadth  half width at the deck, as a share of the greatest
 * @param keel     height of the lowest line there, as a share of the depth
 * @param fullness exponent p of the section {@code y = breadth · ζᵖ}, ζ the height over the keel as a share of what is
 *                 there: 0 is a box, 1 a wedge
 */
record HullShape(Smooth breadth, Smooth keel, Smooth fullness) {

    private static final HullShape PADDLE = read("hull-paddle.csv");
    private static final HullShape PEDAL = read("hull-pedal.csv");
    private static final HullShape CANOE = read("hull-canoe.csv");
    private static final HullShape FLAT = read("hull-flat.csv");

    /** The form taken for a kind of craft; the same box for whatever is no hull. */
    static HullShape of(CraftKind kind) {
        return switch (kind) {
            case SIT_ON_TOP, SIT_INSIDE -> PADDLE;
            case PEDAL_KAYAK -> PEDAL;
            case CANOE -> CANOE;
            default -> FLAT;
        };
    }

    private static HullShape read(String name) {
        Table table = Table.read(HullShape.class, name);
        double[] at = table.column("at");
        return new HullShape(
                new Smooth(at, table.column("breadth")),
                new Smooth(at, table.column("keel")),
                new Smooth(at, table.column("fullness")));
    }
}
