package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.rig.Grip;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A mount that clamps finds what it grips, where somebody looked what is there: places of a sort are not alike. */
final class NothingToGrip implements Rule {

    @Override
    public Identity identity() {
        return new Identity("mount.nothing-to-grip", Link.MOUNT, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        for (Transducer transducer : rig.transducers()) {
            rig.craft().station(transducer.mount().station()).ifPresent(place -> judge(worst, transducer, place));
        }
        return worst.judgement();
    }

    private static void judge(WorstOf worst, Transducer transducer, Station place) {
        Set<Grip> grips = transducer.mount().kind().grips();
        if (!grips.isEmpty() && !place.offers().isEmpty()) {
            worst.add(
                    grips.stream().anyMatch(place.offers()::contains) ? 1 : -1,
                    "A {} grips {}; the {} has none of that.",
                    transducer.mount().kind().words(),
                    grips.stream().sorted().map(Grip::words).collect(Collectors.joining(", or ")),
                    place.name());
        }
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(MountChanges.moved(line), MountChanges.all(line));
    }
}
