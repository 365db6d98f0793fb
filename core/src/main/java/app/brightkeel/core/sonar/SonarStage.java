package app.brightkeel.core.sonar;

import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.craft.Faces;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Lead;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.water.WaterStage;
import app.brightkeel.core.water.WaterState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the transducers see at the depths that are fished. */
public final class SonarStage implements Stage<SonarNeeds, SonarState> {

    public static final SonarStage STAGE = new SonarStage();

    private SonarStage() {}

    @Override
    public String name() {
        return "sonar";
    }

    @Override
    public Outcome<SonarNeeds> needs(Line line) {
        List<Transducer> transducers = line.rig().transducers();
        List<String> missing = new ArrayList<>();
        if (transducers.isEmpty()) {
            missing.add("/transducers");
        }
        for (int t = 0; t < transducers.size(); t++) {
            List<Beam> beams = transducers.get(t).beams();
            if (beams.isEmpty()) {
                missing.add(Pointer.transducer(t, "beams"));
            }
            for (int b = 0; b < beams.size(); b++) {
                if (!beams.get(b).fullDeg().isSet()) {
                    missing.add(Pointer.transducer(t, "beams/" + b + "/fullDeg"));
                }
            }
        }
        Outcome<WaterState> water = line.get(WaterStage.STAGE);
        missing.addAll(water.missing());
        Outcome<Faces> faces = line.get(FaceStage.STAGE);
        return Outcome.unless(
                missing,
                () -> new SonarNeeds(
                        transducers.stream().map(SonarStage::beamsOnly).toList(),
                        transducers.stream().map(t -> face(faces, t)).toList(),
                        water.value(),
                        line.rig().outing().water().slopeDeg().value()));
    }

    /** Lead and mount decide nothing here but the face's depth: a change of them must not count as one of the beams. */
    private static Transducer beamsOnly(Transducer transducer) {
        return transducer.with(bare -> bare.lead(Lead.UNKNOWN).mount(Mount.UNDECIDED));
    }

    private static FaceAt face(Outcome<Faces> faces, Transducer transducer) {
        boolean throughHull = transducer.mount().kind() == MountKind.IN_HULL;
        return faces.isKnown()
                ? faces.value()
                        .of(transducer.id())
                        .map(face -> new FaceAt(face.underM(), face.tiltRad(), throughHull))
                        .orElse(FaceAt.UNKNOWN)
                : new FaceAt(0, 0, throughHull);
    }

    @Override
    public SonarState compute(SonarNeeds needs) {
        List<Sight> sights = new ArrayList<>();
        for (int t = 0; t < needs.transducers().size(); t++) {
            FaceAt face = needs.faces().get(t);
            Transducer transducer = needs.transducers().get(t);
            sights.add(new Sight(
                    transducer.id(),
                    transducer.name(),
                    transducer.type(),
                    transducer.beams().stream()
                            .map(beam -> view(beam, needs.water(), face.throughHull()))
                            .toList(),
                    transducer.inUse(),
                    transducer.look(),
                    transducer.handle(),
                    angle(transducer.tiltDeg()),
                    angle(transducer.leanDeg()),
                    needs.water(),
                    Math.toRadians(needs.slopeDeg()),
                    face));
        }
        return new SonarState(sights);
    }

    private static double angle(Figure degrees) {
        return degrees.isSet() ? Math.toRadians(degrees.value()) : 0;
    }

    private static View view(Beam beam, WaterState water, boolean throughHull) {
        Cone cone = halfPower(beam, beam.fullDeg());
        double pulse = beam.bandwidthKhz().isSet()
                ? Separation.ofSweepM(water.soundMs(), beam.bandwidthKhz().value() * 1000)
                : 0;
        return new View(
                beam.id(),
                beam.name(),
                beam.shape(),
                cone,
                beam.alongDeg().isSet() ? halfPower(beam, beam.alongDeg()).fullRad() : cone.fullRad(),
                pulse,
                reach(beam, water, throughHull));
    }

    private static Cone halfPower(Beam beam, Figure degrees) {
        double radians = Math.toRadians(degrees.value());
        return beam.quoted() == Beam.Quoted.HALF_POWER ? new Cone(radians) : Cone.quotedAtTenth(radians);
    }

    static Optional<Reach> reach(Beam beam, WaterState water, boolean throughHull) {
        if (!beam.ratedM().isSet() || !beam.kiloHertz().isSet()) {
            return Optional.empty();
        }
        double rated = beam.ratedM().value() * (throughHull ? Reach.THROUGH_HULL : 1);
        return Optional.of(Reach.of(rated, beam.kiloHertz().value(), absorption(water)));
    }

    /** What the water swallows, at the depth its tables are given for: within a lake's or fjord's depth it hardly changes. */
    static Absorption absorption(WaterState water) {
        return new Absorption(water.waterC(), water.salinity(), 10);
    }

    @Override
    public Working working(Line line) {
        return SonarWorking.of(line);
    }
}
