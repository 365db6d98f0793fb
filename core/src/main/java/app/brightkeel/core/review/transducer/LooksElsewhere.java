package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.LiveChanges;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.Transducer;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Of the live heads one looks where the fish are expected: ahead for those who cast, down for those who fish below. */
final class LooksElsewhere implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.looks-elsewhere", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        FishingStyle style = line.rig().outing().water().style();
        Optional<Look> wanted = wanted(style);
        WorstOf worst = new WorstOf();
        List<Transducer> heads = line.rig().transducers().stream()
                .filter(transducer -> transducer.live() && transducer.look() != Look.UNDECIDED)
                .toList();
        if (wanted.isPresent()) {
            // one that looks there serves; what another one beside it shows is more, not wrong
            boolean served = heads.stream().anyMatch(head -> head.look() == wanted.get());
            for (Transducer head : heads) {
                worst.add(
                        served ? 1 : 0,
                        heads.size() == 1
                                ? "The {} looks {}; {} wants it to look {}."
                                : "The {} looks {}: of several heads {} wants one that looks {}.",
                        head.name(),
                        head.look().words(),
                        style.words(),
                        wanted.get().words());
            }
        }
        return worst.judgement();
    }

    private static Optional<Look> wanted(FishingStyle style) {
        return switch (style) {
            case CAST_FORWARD -> Optional.of(Look.FORWARD);
            case VERTICAL, ICE_JIG -> Optional.of(Look.DOWN);
            default -> Optional.empty();
        };
    }

    @Override
    public Stream<Change> cures(Line line) {
        return LiveChanges.looks(line);
    }
}
