package app.brightkeel.core.mount;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.Face;
import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.craft.Faces;
import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What stands in the way of each transducer, and whether it fits where it is to sit. */
public final class MountStage implements Stage<MountNeeds, Clearances> {

    public static final MountStage STAGE = new MountStage();

    private MountStage() {}

    @Override
    public String name() {
        return "mount";
    }

    @Override
    public Outcome<MountNeeds> needs(Line line) {
        Outcome<Faces> faces = line.get(FaceStage.STAGE);
        Outcome<SonarState> sonar = line.get(SonarStage.STAGE);
        return faces.map(known -> new MountNeeds(line.rig().transducers().stream()
                .map(t -> held(line, t, known, sonar))
                .toList()));
    }

    private static HeldFace held(Line line, Transducer transducer, Faces faces, Outcome<SonarState> sonar) {
        Rig rig = line.rig();
        Face face = faces.of(transducer.id()).orElseThrow();
        Station station = rig.craft().station(transducer.mount().station()).orElseThrow();
        double half = sonar.isKnown()
                ? sonar.value().sights().stream()
                        .filter(sight -> sight.transducer().equals(transducer.id()))
                        .mapToDouble(sight -> sight.halfRad())
                        .findFirst()
                        .orElse(0)
                : 0;
        return new HeldFace(
                face,
                transducer.name(),
                half,
                station.spot(),
                transducer.mount().belowM().value(),
                value(transducer.mount().openingM()),
                value(transducer.bodyM()),
                value(transducer.mount().plateM()),
                value(transducer.mount().turnDeg()).map(deg -> (int) Math.round(deg)),
                transducer.has(BeamShape.SIDE),
                across(transducer),
                rise(line, 1, 0),
                rise(line, 0, 1),
                outline(rig.craft(), face),
                value(rig.outing().water().iceM()),
                rig.craft().obstructions().stream().filter(MountStage::known).toList(),
                scuppers(rig.craft(), station, face));
    }

    private static int across(Transducer transducer) {
        return transducer.beams().stream()
                .filter(beam ->
                        beam.shape() == BeamShape.LIVE && beam.alongDeg().isSet())
                .mapToInt(beam -> (int) Math.ceil(beam.alongDeg().value()))
                .max()
                .orElse(0);
    }

    /** How much the water rises in the craft's frame over a step aft and to the right [m]. */
    private static double rise(Line line, double aftM, double rightM) {
        if (line.rig().craft().kind().onIce()) {
            return 0;
        }
        Outcome<Afloat> afloat = line.get(FloatStage.STAGE);
        return afloat.map(floats -> floats.waterM(aftM, rightM) - floats.waterM(0, 0))
                .orElse(0.0);
    }

    /** A face below every part of the hull, or inside it, needs no look at it. */
    private static Optional<Outline> outline(Craft craft, Face face) {
        boolean looks = !craft.kind().onIce()
                && face.zM() > 0
                && face.mount() != MountKind.IN_HULL
                && !face.mount().encloses();
        if (!looks) {
            return Optional.empty();
        }
        return Outline.of(craft).map(Optional::of).orElse(Optional.empty());
    }

    private static Optional<Double> value(Figure figure) {
        return figure.isSet() ? Optional.of(figure.value()) : Optional.empty();
    }

    private static boolean known(Obstruction obstruction) {
        return obstruction.fromBowM().isSet()
                && obstruction.sideM().isSet()
                && obstruction.belowM().isSet()
                && obstruction.halfWidthM().isSet();
    }

    private static List<Double> scuppers(Craft craft, Station own, Face face) {
        List<Double> aft = new ArrayList<>();
        for (Station station : craft.stations()) {
            boolean open = station.spot() == Spot.SCUPPER && !station.id().equals(own.id());
            if (open && station.fromBowM().isSet() && station.sideM().isSet()) {
                double distance = face.xM() - station.fromBowM().value();
                if (distance > 0 && Math.abs(face.yM() - station.sideM().value()) < Clearance.IN_LINE_M) {
                    aft.add(distance);
                }
            }
        }
        return aft;
    }

    @Override
    public Clearances compute(MountNeeds needs) {
        return new Clearances(needs.held().stream().map(Clearance::of).toList());
    }

    @Override
    public Working working(Line line) {
        return MountWorking.of(line);
    }
}
