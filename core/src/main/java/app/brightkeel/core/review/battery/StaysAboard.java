package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.PackChanges;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Schools;
import java.util.stream.Stream;

/** A battery that goes from craft to craft comes off after the day. */
final class StaysAboard implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.stays-aboard", Link.BATTERY, Force.SCHOOL);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        if (line.rig().schools().battery() == Schools.Battery.SHUTTLE) {
            for (Pack pack : line.rig().harness().packs()) {
                line.rig()
                        .placeOf(pack.id())
                        .ifPresent(place -> worst.add(
                                place.comesOff() ? 1 : 0,
                                "{} stays aboard; you would rather carry it from craft to craft.",
                                pack.name()));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return PackChanges.comingOff(line);
    }
}
