package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.PackChanges;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** What somebody else wore is load-tested before anything is drilled or wired for it. */
final class SecondHand implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.second-hand", Link.BATTERY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Pack pack : line.rig().harness().packs()) {
            if (pack.label().secondHand()) {
                worst.add(
                        pack.test().done() ? 1 : 0,
                        "{} was somebody else's: run its load test first, before anything is drilled or wired for it.",
                        pack.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return PackChanges.boughtNew(line);
    }
}
