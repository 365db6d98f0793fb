package app.brightkeel.core.sonar;

import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.craft.Faces;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.Lead;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.water.WaterStage;
import app.brightkeel.core.water.WaterState;
import java.util.ArrayList;
import java.util.List;

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
                        transducers.stream().map(t -> under(faces, t)).toList(),
                        water.value()));
    }

    /** Lead and mount decide nothing here but the face's depth: a change of them must not count as one of the beams. */
    private static Transducer beamsOnly(Transducer transducer) {
        return transducer.withLead(Lead.UNKNOWN).withMount(Mount.UNDECIDED);
    }

    private static double under(Outcome<Faces> faces, Transducer transducer) {
        return faces.isKnown()
                ? faces.value().of(transducer.id()).map(face -> face.underM()).orElse(0.0)
                : 0;
    }

    @Override
    public SonarState compute(SonarNeeds needs) {
        List<Sight> sights = new ArrayList<>();
        for (int t = 0; t < needs.transducers().size(); t++) {
            Transducer transducer = needs.transducers().get(t);
            sights.add(new Sight(
                    transducer.id(),
                    transducer.name(),
                    transducer.type(),
                    transducer.beams().stream()
                            .map(beam -> view(beam, needs.water().soundMs()))
                            .toList(),
                    transducer.inUse(),
                    needs.water(),
                    needs.underM().get(t)));
        }
        return new SonarState(sights);
    }

    private static View view(Beam beam, double soundMs) {
        double radians = Math.toRadians(beam.fullDeg().value());
        Cone cone = beam.quoted() == Beam.Quoted.HALF_POWER ? new Cone(radians) : Cone.quotedAtTenth(radians);
        double pulse = beam.bandwidthKhz().isSet()
                ? Separation.ofSweepM(soundMs, beam.bandwidthKhz().value() * 1000)
                : 0;
        return new View(beam.id(), beam.name(), cone, pulse);
    }

    @Override
    public Working working(Line line) {
        return SonarWorking.of(line);
    }
}
