package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Rule.Force;
import app.brightkeel.core.review.Rule.Identity;
import app.brightkeel.core.review.Rule.Judgement;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoxChanges;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.util.stream.Stream;

/** What keeps no water out lets it out again: a battery does not stand in what ran in. */
final class NoDrain implements Rule {

    private static final double STANDS_IN_IT = 0.12;

    @Override
    public Identity identity() {
        return new Identity("carry.no-drain", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        for (Enclosure box : rig.fitOut().boxes()) {
            if (box.gathersWater() && !rig.craft().kind().onIce()) {
                for (Pack pack : rig.harness().packs()) {
                    rig.placeOf(pack.id())
                            .filter(place -> place.station().equals(box.station()))
                            .ifPresent(place -> worst.add(
                                    box.drained() || place.held().raised() ? 1 : STANDS_IN_IT,
                                    "The {} keeps no water out and has no drain: {} stands in what runs in.",
                                    box.name(),
                                    pack.name()));
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BoxChanges.drained(line);
    }
}
