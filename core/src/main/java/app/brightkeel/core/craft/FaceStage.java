package app.brightkeel.core.craft;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How deep each transducer's face is under the surface, and how level it lies. */
public final class FaceStage implements Stage<FaceNeeds, Faces> {

    public static final FaceStage STAGE = new FaceStage();

    private FaceStage() {}

    @Override
    public String name() {
        return "face";
    }

    @Override
    public Outcome<FaceNeeds> needs(Line line) {
        Rig rig = line.rig();
        List<String> missing = new ArrayList<>();
        List<FaceNeeds.Held> held = new ArrayList<>();
        if (rig.transducers().isEmpty()) {
            missing.add("/transducers");
        }
        for (int t = 0; t < rig.transducers().size(); t++) {
            Transducer transducer = rig.transducers().get(t);
            Mount mount = transducer.mount();
            Station station = rig.craft().station(mount.station()).orElse(null);
            if (mount.kind() == MountKind.UNDECIDED) {
                missing.add(Pointer.transducer(t, "mount/kind"));
            } else if (station == null) {
                missing.add(Pointer.transducer(t, "mount/station"));
            } else if (!station.fromBowM().isSet() || !station.sideM().isSet()) {
                int at = rig.craft().indexOfStation(station.id());
                missing.add(Pointer.station(at, station.fromBowM().isSet() ? "sideM" : "fromBowM"));
            } else {
                held.add(new FaceNeeds.Held(
                        transducer.id(),
                        mount.kind(),
                        station.fromBowM().value(),
                        station.sideM().value(),
                        mount.belowM().value()));
            }
        }
        if (rig.craft().kind().onIce()) {
            return Outcome.unless(missing, () -> new FaceNeeds(held, Optional.empty(), Optional.empty()));
        }
        Outcome<FloatNeeds> hull = line.needs(FloatStage.STAGE);
        missing.addAll(hull.missing());
        return Outcome.unless(
                missing,
                () -> new FaceNeeds(
                        held,
                        Optional.of(hull.value()),
                        Optional.of(line.get(FloatStage.STAGE).value())));
    }

    @Override
    public Faces compute(FaceNeeds needs) {
        if (needs.hull().isEmpty() || needs.afloat().isEmpty()) {
            return new Faces(needs.held().stream()
                    .map(h -> new Face(h.transducer(), h.mount(), h.xM(), h.yM(), -h.belowM(), h.belowM(), 0))
                    .toList());
        }
        Hull hull = needs.hull().get().hull();
        Afloat afloat = needs.afloat().get();
        return new Faces(needs.held().stream().map(h -> face(h, hull, afloat)).toList());
    }

    /** An arm or pole hangs beside the hull and is set by its lowest line there; all else sits in the bottom at its place. */
    private static Face face(FaceNeeds.Held held, Hull hull, Afloat afloat) {
        double bottom = beside(held.mount()) ? hull.keelM(held.xM()) : hull.bottomM(held.xM(), held.yM());
        double z = bottom - held.belowM();
        return new Face(
                held.transducer(),
                held.mount(),
                held.xM(),
                held.yM(),
                z,
                afloat.waterM(held.xM(), held.yM()) - z,
                afloat.tiltRad());
    }

    private static boolean beside(MountKind mount) {
        return mount.beside();
    }

    @Override
    public Working working(Line line) {
        Outcome<Faces> outcome = line.get(STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("The face under the water", outcome.missing());
        }
        Rig rig = line.rig();
        Working.Builder told = Working.of(
                "The face under the water",
                "under = waterline at its place − bottom there + below the hull",
                Source.derived("geometry of the hull at trim and heel"));
        if (!rig.craft().kind().onIce()) {
            Afloat afloat = line.get(FloatStage.STAGE).value();
            told.opened("T", "water amidships", afloat.waterM(), Unit.MILLIMETRE, FloatWorking.of(line));
        }
        for (int t = 0; t < rig.transducers().size(); t++) {
            Transducer transducer = rig.transducers().get(t);
            int at = rig.craft().indexOfStation(transducer.mount().station());
            Station station = rig.craft().stations().get(at);
            Face face = outcome.value().faces().get(t);
            told.remark("{}, {}", transducer.name(), station.name())
                    .figure(
                            "",
                            "face below the hull there, on ice below the surface",
                            transducer.mount().belowM(),
                            Unit.MILLIMETRE,
                            Pointer.transducer(t, "mount/belowM"))
                    .figure(
                            "x",
                            rig.craft().kind().front(),
                            station.fromBowM(),
                            Unit.METRE,
                            Pointer.station(at, "fromBowM"))
                    .figure("y", "right of the middle", station.sideM(), Unit.METRE, Pointer.station(at, "sideM"))
                    .step("", "off level", Math.toDegrees(face.tiltRad()), Unit.DEGREE)
                    .result("under", "face under the surface", face.underM(), Unit.MILLIMETRE);
        }
        return told.done();
    }
}
