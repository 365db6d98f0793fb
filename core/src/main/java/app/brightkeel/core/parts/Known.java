package app.brightkeel.core.parts;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Segment;
import java.util.Optional;

/** Amounts of a list, as far as they are known. */
final class Known {

    private Known() {}

    static Optional<Amount> of(Figure figure, Unit unit) {
        return figure.isSet() ? Optional.of(new Amount(figure.value(), unit)) : Optional.empty();
    }

    /** Of each conductor [mm²]; 0 where the gauge is open. */
    static double areaMm2(Segment segment) {
        return segment.wire().gauge().decided() ? segment.wire().gauge().size().areaMm2() : 0;
    }

    /** Of each conductor. */
    static Optional<Amount> size(Segment segment) {
        return segment.wire().gauge().decided()
                ? Optional.of(new Amount(segment.wire().gauge().size().areaMm2(), Unit.WIRE))
                : Optional.empty();
    }
}
