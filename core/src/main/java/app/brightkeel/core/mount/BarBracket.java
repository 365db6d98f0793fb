package app.brightkeel.core.mount;

import app.brightkeel.core.craft.Face;
import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;

/**
 * A bar of aluminium bent to carry a transducer from threaded inserts: a foot on the inserts, out past the hull, down to
 * the face, a toe under it.
 *
 * @param name  of the transducer
 * @param place of the inserts
 * @param dropM from the inserts down to the face [m]
 * @param bodyM largest width of the transducer [m], and {@code massKg} its mass [kg]; 0 where not known
 */
public record BarBracket(String name, String place, double dropM, double bodyM, double massKg) {

    /** Foot over two inserts, way out past the hull, toe under the transducer [m]; common practice, no source. */
    private static final double FOOT_M = 0.080;

    private static final double OUT_M = 0.060;
    private static final double TOE_M = 0.060;

    /** A large housing is held over half its length, as far as a bar bends well [m]; common practice, no source. */
    private static final double LONGEST_TOE_M = 0.150;

    /** A heavier transducer takes the stiffer section [kg]; common practice, no source. */
    private static final double STIFF_FROM_KG = 0.7;

    /** A longer drop takes the stiffer section [m]; common practice, no source. */
    private static final double STIFF_FROM_M = 0.25;

    private static final int BENDS = 3;

    /** Density of aluminium [kg/m³]; value from memory. */
    private static final double KG_M3 = 2700;

    /** Every bracket a filled rig wants; none where its faces are not known. */
    static List<BarBracket> of(Line line) {
        Rig rig = line.rig();
        List<BarBracket> all = new ArrayList<>();
        for (Face face : line.get(FaceStage.STAGE).map(faces -> faces.faces()).orElse(List.of())) {
            Transducer transducer = rig.transducer(face.transducer()).orElseThrow();
            Station station = rig.craft().station(transducer.mount().station()).orElseThrow();
            if (station.spot() == Spot.STERN_INSERTS && station.heightM().isSet()) {
                double drop = station.heightM().value() - face.zM();
                all.add(new BarBracket(
                        transducer.name(),
                        station.name(),
                        Math.max(0, drop),
                        known(transducer.bodyM()),
                        known(transducer.massKg())));
            }
        }
        return all;
    }

    private static double known(Figure figure) {
        return figure.isSet() ? figure.value() : 0;
    }

    private boolean stiff() {
        return dropM > STIFF_FROM_M || massKg > STIFF_FROM_KG;
    }

    /** Under the transducer: half its body, between what holds and what bends [m]. */
    double toeM() {
        return Math.max(TOE_M, Math.min(LONGEST_TOE_M, bodyM / 2));
    }

    double wideM() {
        return stiff() ? 0.040 : 0.030;
    }

    double thickM() {
        return stiff() ? 0.006 : 0.004;
    }

    /** Of the straight bar, measured along its middle [m]. */
    double lengthM() {
        return FOOT_M + OUT_M + dropM + toeM();
    }

    double barKg() {
        return lengthM() * wideM() * thickM() * KG_M3;
    }

    /** One working for all of them; none where none is wanted. */
    public static List<Working> workings(Line line) {
        List<Working> all = new ArrayList<>();
        for (BarBracket each : of(line)) {
            all.add(Working.of(
                            "A bracket from flat bar",
                            "length = foot + out + drop + toe",
                            Source.practice("as practitioners bend them"))
                    .remark("For the {} at the {}.", each.name(), each.place())
                    .step("", "foot on the inserts", FOOT_M, Unit.MILLIMETRE)
                    .step("", "out past the hull", OUT_M, Unit.MILLIMETRE)
                    .step("", "down to the face", each.dropM(), Unit.MILLIMETRE)
                    .step("", "toe under the transducer", each.toeM(), Unit.MILLIMETRE)
                    .step("", "bends", BENDS, Unit.COUNT)
                    .remark(
                            "Section {} × {}, aluminium.",
                            new Amount(each.wideM(), Unit.MILLIMETRE),
                            new Amount(each.thickM(), Unit.MILLIMETRE))
                    .remark("It takes the inserts: is what they served, a rudder or an anchor, still wanted?")
                    .step("", "its mass, not counted in the balance", each.barKg(), Unit.FINE_KILOGRAM)
                    .result("", "bar to cut", each.lengthM(), Unit.MILLIMETRE)
                    .done());
        }
        return all;
    }
}
