package app.brightkeel.core.fastening;

import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.Figure;
import java.util.Optional;
import java.util.stream.DoubleStream;

/** Lengths that screws, bolts and rivets are sold in. */
public final class Lengths {

    /** ISO 888, nominal lengths [mm]; values from memory. */
    private static final double[] SOLD_MM = {
        5, 6, 8, 10, 12, 16, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 80, 90, 100, 110, 120, 130, 140, 150
    };

    private static final double MM = 1000;

    private Lengths() {}

    /** The shortest that is right for its layers, if one is; where nobody looked behind, one that does not come out. */
    public static Optional<Fastener> right(Fastener fastener) {
        return DoubleStream.of(SOLD_MM)
                .mapToObj(mm -> fastener.withLengthM(Figure.chosen(mm / MM)))
                .filter(each -> Fastened.of(each).filter(Fastened::right).isPresent())
                .findFirst();
    }
}
