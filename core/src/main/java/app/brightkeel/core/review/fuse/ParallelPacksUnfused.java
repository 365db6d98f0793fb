package app.brightkeel.core.review.fuse;

import app.brightkeel.core.harness.Parallel;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseFits;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** Packs in parallel have a fuse each, before they meet: else one feeds the other's fault. */
final class ParallelPacksUnfused implements Rule {

    @Override
    public Identity identity() {
        return new Identity("fuse.parallel-packs-unfused", Link.FUSE, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Pack pack : Parallel.joined(line.rig())) {
            boolean fused = line.rig().harness().segments().stream()
                    .filter(s -> s.from().equals(pack.id()))
                    .allMatch(Segment::fused);
            worst.add(fused ? 1 : -1, "{} joins another pack without a fuse of its own before they meet.", pack.name());
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FuseFits.atBatteries(line);
    }
}
