package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.HoleChanges;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.PassThrough;
import java.util.stream.Stream;

/** A hole through a wall has something round the cable, or it chafes and lets water in. */
final class HoleLeftOpen implements Rule {

    private static final double BARE = 0.1;

    @Override
    public Identity identity() {
        return new Identity("cable.hole-left-open", Link.CABLE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(HoleChanges.schedule(line), (worst, hole) -> {
            boolean cut =
                    hole.passage().filter(passage -> !passage.way().drills()).isEmpty()
                            || hole.stuff() == Material.METAL;
            if (cut && hole.forCables()) {
                worst.add(
                        hole.closedBy() == PassThrough.NONE ? BARE : 1,
                        "Nothing closes the {} round its cables: it chafes, and water comes in.",
                        hole.name());
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return HoleChanges.closed(line);
    }
}
