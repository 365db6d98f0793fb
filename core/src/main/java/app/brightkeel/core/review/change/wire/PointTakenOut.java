package app.brightkeel.core.review.change.wire;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A harness without a point where wires meet: every branch a whole lead to where the wire came from. */
final class PointTakenOut {

    private final Rig rig;
    private final Harness harness;
    private final Junction junction;

    PointTakenOut(Rig rig, Junction junction) {
        this.rig = rig;
        this.junction = junction;
        harness = rig.harness();
    }

    /** Without a point where wires meet: each branch goes on to where the wire came from, as long as both, with all that sat in it. */
    Harness harness() {
        Optional<Segment> trunk = harness.segments().stream()
                .filter(s -> s.to().equals(junction.id()))
                .findFirst();
        List<Segment> all = new ArrayList<>();
        boolean first = true;
        for (Segment segment : harness.segments()) {
            boolean branch = segment.from().equals(junction.id());
            if (branch && trunk.isPresent()) {
                all.add(joined(trunk.get(), segment, first));
                first = false;
            } else if (!branch && !segment.to().equals(junction.id())) {
                all.add(segment);
            }
        }
        List<Junction> others = harness.junctions().stream()
                .filter(j -> !j.id().equals(junction.id()))
                .toList();
        return harness.with(h -> h.segments(all).junctions(others));
    }

    boolean tooLong() {
        double trunkM = harness.segments().stream()
                .filter(s -> s.to().equals(junction.id()))
                .mapToDouble(HarnessEdits::length)
                .max()
                .orElse(0);
        return harness.from(junction.id()).stream()
                .anyMatch(branch -> trunkM + HarnessEdits.length(branch) > Wire.LONGEST_M);
    }

    private Segment joined(Segment trunk, Segment branch, boolean keepsIds) {
        List<Fitting> fittings = new ArrayList<>();
        for (Fitting fitting : trunk.fittings()) {
            // the branches are several, the fitting was one
            fittings.add(keepsIds ? fitting : withId(fitting, FreshId.of(rig, fitting.id() + "-" + branch.id())));
        }
        double trunkM = HarnessEdits.length(trunk);
        for (Fitting fitting : branch.fittings()) {
            fittings.add(
                    fitting instanceof Fitting.Fuse fuse && fuse.atM().isSet()
                            ? fuse.withAtM(Figure.chosen(
                                    HarnessEdits.rounded(trunkM + fuse.atM().value())))
                            : fitting);
        }
        Figure both = trunk.wire().lengthM().isSet() && branch.wire().lengthM().isSet()
                ? Figure.chosen(HarnessEdits.rounded(trunkM + HarnessEdits.length(branch)))
                : Figure.UNSET;
        return branch.with(s -> s.from(trunk.from())
                .start(trunk.start())
                .wire(branch.wire().withLengthM(both))
                .fittings(fittings));
    }

    private static Fitting withId(Fitting fitting, String id) {
        if (fitting instanceof Fitting.Fuse fuse) {
            return fuse.withId(id);
        }
        return fitting instanceof Fitting.Switch
                ? new Fitting.Switch(id, fitting.name(), fitting.ohm())
                : new Fitting.Joint(id, fitting.name(), fitting.ohm());
    }
}
