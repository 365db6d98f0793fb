package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.Area;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoxChanges;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Station;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A box stands clear of paddle, knees, rods and landed fish by its whole outline, not by its middle. */
final class BoxInTheWay implements Rule {

    /** What nobody minds [m]; common practice, no source. */
    private static final double MINDED_M = 0.03;

    @Override
    public Identity identity() {
        return new Identity("carry.box-in-the-way", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        if (rig.fitOut().boxes().isEmpty()) {
            return SILENT;
        }
        List<Area> areas = line.get(SeatStage.STAGE).map(Seated::areas).orElse(List.of());
        for (Enclosure box : rig.fitOut().boxes()) {
            Size outside = box.outside();
            Optional<Station> at = rig.craft().station(box.station()).filter(Station::placed);
            if (at.isPresent() && outside.deepM().isSet() && outside.wideM().isSet()) {
                for (Area area : areas) {
                    double into = area.reachedInto(
                            at.get().fromBowM().value(),
                            at.get().sideM().value(),
                            outside.deepM().value(),
                            outside.wideM().value());
                    worst.add(
                            into > MINDED_M ? 0 : 1,
                            "The {} reaches {} into the way of {}.",
                            box.name(),
                            new Amount(into, Unit.MILLIMETRE),
                            area.zone().words());
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BoxChanges.elsewhere(line);
    }
}
