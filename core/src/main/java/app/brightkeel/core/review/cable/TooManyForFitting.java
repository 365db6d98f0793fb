package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.review.change.cable.HoleChanges;
import app.brightkeel.core.review.change.cable.LooseEnds;
import java.util.stream.Stream;

/** A fitting takes as many cables as it is made for. */
final class TooManyForFitting implements Rule {

    @Override
    public Identity identity() {
        return new Identity("cable.too-many-for-fitting", Link.CABLE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(HoleChanges.schedule(line), (worst, hole) -> {
            int most = hole.closedBy().cables();
            worst.add(
                    hole.cables().size() > most ? -1 : 1,
                    "{} cables go through the {}; a {} takes {}.",
                    hole.cables().size(),
                    hole.name(),
                    hole.closedBy().words(),
                    most);
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.of(LooseEnds.leaving(line), HoleChanges.closed(line), CableChanges.soundWays(line))
                .flatMap(changes -> changes);
    }
}
