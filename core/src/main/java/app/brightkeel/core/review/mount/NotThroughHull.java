package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Transducer;
import java.util.stream.Stream;

/** Only a round cone looks through a solid skin of plastic; fans and live heads do not, and nothing does through air. */
final class NotThroughHull implements Rule {

    @Override
    public Identity identity() {
        return new Identity("mount.not-through-hull", Link.MOUNT, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        CraftKind craft = line.rig().craft().kind();
        boolean solid = craft != CraftKind.INFLATABLE && craft != CraftKind.BOARD;
        for (Transducer transducer : line.rig().transducers()) {
            for (Beam beam : transducer.beams()) {
                if (transducer.mount().kind() == MountKind.IN_HULL) {
                    worst.add(
                            solid ? 1 : -1,
                            "Nothing sees through the {}: there is air or foam under its skin, not one solid wall.",
                            craft.words());
                    worst.add(
                            beam.shape() == BeamShape.CONE ? 1 : -1,
                            "The {} does not see through a hull.",
                            beam.name());
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.all(line);
    }
}
