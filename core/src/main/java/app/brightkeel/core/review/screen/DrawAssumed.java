package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.screen.ScreenChanges;
import app.brightkeel.core.rig.Device;
import java.util.List;
import java.util.stream.Stream;

/** A chosen device without a draw is planned with the table's middle, which is said. */
final class DrawAssumed implements Rule {

    private static final double HEADROOM = 0.1;

    @Override
    public Identity identity() {
        return new Identity("screen.draw-assumed", Link.SCREEN, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<DayLoad> load = line.get(Load.STAGE);
        WorstOf worst = new WorstOf();
        List<Device> devices = line.rig().devices();
        for (int d = 0; d < devices.size() && load.isKnown(); d++) {
            Device device = devices.get(d);
            if (device.draw().guessed()) {
                worst.add(
                        HEADROOM,
                        "We guessed that the {} draws {}: read its label, or meter it at the brightness you use.",
                        device.name(),
                        new Amount(load.value().fullW().get(d), Unit.WATT));
            }
        }
        return worst.judgement();
    }

    /** Planning with the upper end of the table is on the safe side until someone has metered it. */
    @Override
    public Stream<Change> cures(Line line) {
        return ScreenChanges.guessed(line);
    }
}
