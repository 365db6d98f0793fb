package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Screws, bolts or rivets of one size that fasten one part.
 *
 * @param of       id of the part they fasten; "" where it is none of these
 * @param widthM   of the thread or body, 0.0015 to 0.02 [m]; never assumed
 * @param lengthM  that goes in, 0.003 to 0.3 [m]; never assumed
 * @param count    1 to 60
 * @param passesM  thickness of all that it passes without holding in it, 0 to 0.25 [m]; never assumed
 * @param bitesM   thickness it holds in: wood, plastic, the thread of an insert; the wall itself for a bolt or rivet, 0 to 0.25 [m]
 * @param behindM  free behind that, to the next thing it must not meet, 0 to 2 [m]
 * @param stuff    of what it holds in
 * @param backing  behind it
 * @param back     whether a hand reaches behind it
 * @param supplied how many of them came with the part, or lie in the kit, 0 to 60
 * @param tried    whether its length was tried there
 */
@RecordBuilder
public record Fastener(
        String id,
        String name,
        FastenerKind kind,

        @Names(
                value = {
                    PartKind.TRANSDUCER,
                    PartKind.DEVICE,
                    PartKind.HOLDER,
                    PartKind.PACK,
                    PartKind.JUNCTION,
                    PartKind.BOX,
                    PartKind.BOARD_PART,
                    PartKind.CLOSURE
                },
                orNothing = true)
        String of,

        Figure widthM,
        Figure lengthM,
        int count,
        Figure passesM,
        Figure bitesM,
        Figure behindM,
        Material stuff,
        Backing backing,
        BackReach back,
        int supplied,
        boolean tried)
        implements FastenerBuilder.With {

    private static final int MOST_ALIKE = 60;

    public Fastener {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.text("of", of);
        Figure.within("widthM", widthM, 0.0015, 0.02, "m");
        Figure.within("lengthM", lengthM, 0.003, 0.3, "m");
        Checks.within("count", count, 1, MOST_ALIKE, "of the same size");
        Checks.within("supplied", supplied, 0, MOST_ALIKE, "of the same size");
        Figure.within("passesM", passesM, 0, 0.25, "m");
        Figure.within("bitesM", bitesM, 0, 0.25, "m");
        Figure.within("behindM", behindM, 0, 2, "m");
    }

    /** How many are to be had still. */
    public int missing() {
        return Math.max(0, count - supplied);
    }

    /** Some of which nothing is known yet. */
    public static Fastener unknown(String id, String name, String of, int count) {
        Figure open = Figure.UNSET;
        return new Fastener(
                id,
                name,
                FastenerKind.UNDECIDED,
                of,
                open,
                open,
                count,
                open,
                open,
                open,
                Material.UNDECIDED,
                Backing.UNDECIDED,
                BackReach.UNKNOWN,
                0,
                false);
    }
}
