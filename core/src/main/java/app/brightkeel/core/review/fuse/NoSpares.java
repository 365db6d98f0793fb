package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** A fuse of which none goes along ends the day when it opens; common practice. Where nobody counted, it is not judged. */
final class NoSpares implements Rule {

    private static final double NONE = 0.1;
    private static final double ENOUGH = 2;

    @Override
    public Identity identity() {
        return new Identity("fuse.no-spares", Link.FUSE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Segment segment : line.rig().harness().segments()) {
            for (Fitting fitting : segment.fittings()) {
                if (fitting instanceof Fitting.Fuse fuse && fuse.spares().isSet()) {
                    worst.add(fuse.spares().value() > 0 ? 1 : NONE, "No spare of the {} goes along.", fuse.name());
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        Rig after = line.entered();
        for (Segment segment : line.entered().harness().segments()) {
            for (Fitting fitting : segment.fittings()) {
                if (fitting instanceof Fitting.Fuse fuse
                        && fuse.spares().isSet()
                        && fuse.spares().value() == 0) {
                    Segment now = after.harness().segment(segment.id());
                    after = after.with(now.with(fuse.withSpares(Figure.chosen(ENOUGH))));
                }
            }
        }
        return Stream.of(new Change(
                "fuse.spares", Text.of("{} spares of each fuse", new Amount(ENOUGH, Unit.COUNT)), Effort.BUY, after));
    }
}
