package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Rule.Force;
import app.brightkeel.core.review.Rule.Identity;
import app.brightkeel.core.review.Rule.Judgement;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.screen.ScreenChanges;
import app.brightkeel.core.rig.Device;
import java.util.stream.Stream;

/** What somebody else used runs on the bench, with its draw read from a meter, before anything is drilled for it. */
final class SecondHandDevice implements Rule {

    @Override
    public Identity identity() {
        return new Identity("screen.second-hand", Link.SCREEN, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Device device : line.rig().devices()) {
            if (device.secondHand()) {
                worst.add(
                        device.draw().metered() ? 1 : 0,
                        "The {} was somebody else's: power it on the bench and meter what it draws before anything is drilled for it.",
                        device.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return ScreenChanges.boughtNew(line);
    }
}
