package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Worst;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.Transducer;
import java.util.stream.Stream;

/** A live head looks where the fish are expected: ahead for those who cast, down for those who fish below. */
final class LooksElsewhere implements Rule {

    @Override
    public Head head() {
        return new Head("transducer.looks-elsewhere", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        FishingStyle style = line.rig().outing().water().style();
        Worst worst = new Worst();
        for (Transducer transducer : line.rig().transducers()) {
            boolean ahead = style == FishingStyle.CAST_FORWARD;
            boolean down = style == FishingStyle.VERTICAL || style == FishingStyle.ICE_JIG;
            if (transducer.live() && (ahead || down) && transducer.look() != Look.UNDECIDED) {
                worst.add(
                        transducer.look() == (ahead ? Look.FORWARD : Look.DOWN) ? 1 : 0,
                        "The {} looks {}; {} wants it to look {}.",
                        transducer.name(),
                        transducer.look().words(),
                        style.words(),
                        (ahead ? Look.FORWARD : Look.DOWN).words());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return LiveChanges.looks(line);
    }
}
