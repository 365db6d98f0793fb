package app.brightkeel.core.fastening;

import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.FastenerKind.Holds;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Where a fastener of a known size ends.
 *
 * @param bitesM that holds: in a layer or an insert, or what stands out behind all layers for a nut or a head [m]
 * @param wantsM least of that [m]
 * @param outM   that comes out behind the layer it holds in, 0 where it ends in it [m]
 * @param freeM  free there; empty where nobody looked [m]
 * @param bottoms whether it meets the bottom of an insert before it clamps
 */
public record Fastened(double bitesM, double wantsM, double outM, OptionalDouble freeM, boolean bottoms) {

    /** Measures this near are the same: no ruler tells them apart [m]. */
    private static final double SAME_M = 1e-5;

    /** Free where a hand reaches, and nobody measured [m]; common practice, no source. */
    private static final double HAND_M = 0.04;

    /** Where it ends; empty where its sort, its size or its layers are not known. */
    public static Optional<Fastened> of(Fastener fastener) {
        boolean known = fastener.widthM().isSet()
                && fastener.lengthM().isSet()
                && fastener.passesM().isSet()
                && fastener.bitesM().isSet()
                && fastener.kind().leastWidths() > 0;
        return known ? Optional.of(known(fastener)) : Optional.empty();
    }

    private static Fastened known(Fastener fastener) {
        double wants = fastener.kind().leastWidths() * fastener.widthM().value();
        double in = fastener.lengthM().value() - fastener.passesM().value();
        double layer = fastener.bitesM().value();
        double out = Math.max(0, in - layer);
        boolean behind = fastener.kind().holds() == Holds.FROM_BEHIND;
        double bites = behind ? in - layer : Math.min(in, layer);
        OptionalDouble free = fastener.behindM().isSet()
                ? OptionalDouble.of(fastener.behindM().value())
                : fastener.back() == BackReach.REACHED ? OptionalDouble.of(HAND_M) : OptionalDouble.empty();
        return new Fastened(bites, wants, out, free, fastener.kind().holds() == Holds.IN_INSERT && out > SAME_M);
    }

    /** Whether it holds by as much as it should. */
    public boolean holds() {
        return bitesM > wantsM - SAME_M;
    }

    /** Whether what comes out behind meets something. */
    public boolean meets() {
        return freeM.isPresent() && outM > freeM.getAsDouble() + SAME_M;
    }

    /** Whether something comes out, and nobody looked what is there. */
    public boolean unseen() {
        return freeM.isEmpty() && outM > SAME_M;
    }

    /** Whether nothing is wrong with its length. */
    public boolean right() {
        return holds() && !bottoms && !meets() && !unseen();
    }
}
