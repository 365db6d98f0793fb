package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseFits;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** Every fuse has a rating: until then nobody knows what it protects, and one is offered. */
final class NoRating implements Rule {

    private static final double OPEN = 0.05;

    @Override
    public Identity identity() {
        return new Identity("fuse.no-rating", Link.FUSE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Segment segment : line.rig().harness().segments()) {
            for (Fitting fitting : segment.fittings()) {
                if (fitting instanceof Fitting.Fuse fuse && !fuse.ratingA().isSet()) {
                    worst.add(OPEN, "{} in {} has no rating yet.", fuse.name(), segment.name());
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FuseFits.rated(line);
    }
}
