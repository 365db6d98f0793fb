package app.brightkeel.core.craft;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.HullSection;
import java.util.List;
import java.util.function.ToDoubleFunction;

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

    /** The craft's own form, else the usual one of its kind. */
    static HullShape of(CraftKind kind, List<HullSection> sections) {
        return sections.isEmpty() ? of(kind) : of(sections);
    }

    private static HullShape of(List<HullSection> sections) {
        double[] at = column(sections, HullSection::at);
        return new HullShape(
                new Smooth(at, column(sections, HullSection::breadth)),
                new Smooth(at, column(sections, HullSection::keel)),
                new Smooth(at, column(sections, HullSection::fullness)));
    }

    private static double[] column(List<HullSection> sections, ToDoubleFunction<HullSection> of) {
        return sections.stream().mapToDouble(of).toArray();
    }

    /** The form taken for a kind of craft; the same box for whatever is no hull. */
    private static HullShape of(CraftKind kind) {
        return switch (kind) {
            case SIT_ON_TOP, SIT_INSIDE -> PADDLE;
            case PEDAL_KAYAK, MOTOR_KAYAK -> PEDAL;
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
