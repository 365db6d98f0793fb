package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.screen.ScreenChanges;
import app.brightkeel.core.rig.Device;
import java.util.List;
import java.util.stream.Stream;

/** A draw far outside what such a device takes is challenged: rated and real draw are often confused. */
final class DrawImplausible implements Rule {

    /** How far outside the typical range still passes without a word; common practice, no source. */
    private static final double TOLERATED = 1.5;

    @Override
    public Identity identity() {
        return new Identity("screen.draw-implausible", Link.SCREEN, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<DayLoad> load = line.get(Load.STAGE);
        WorstOf worst = new WorstOf();
        List<Device> devices = line.rig().devices();
        for (int d = 0; d < devices.size() && load.isKnown(); d++) {
            double watts = load.value().fullW().get(d);
            Chemistry.Range usual = devices.get(d).kind().typical().watts();
            double off = Math.max(watts / usual.high(), usual.low() / Math.max(watts, 1e-3));
            double headroom = off > TOLERATED
                    ? COMFORTABLE * (2 - off) / (2 - TOLERATED)
                    : COMFORTABLE + (1 - COMFORTABLE) * (1 - off / TOLERATED);
            // a lamp that only tells that something is on is no lantern
            boolean pilot = devices.get(d).kind() == DeviceKind.LIGHT && watts < usual.low();
            worst.add(
                    pilot ? 1 : headroom,
                    "{} for a {} is unusual: {} to {} W is. Is it the real draw?",
                    new Amount(watts, Unit.WATT),
                    devices.get(d).kind().words(),
                    plain(usual.low()),
                    plain(usual.high()));
        }
        return worst.judgement();
    }

    private static String plain(double watts) {
        return watts == Math.rint(watts) ? String.valueOf((long) watts) : String.valueOf(watts);
    }

    @Override
    public Stream<Change> cures(Line line) {
        return line.rig().devices().stream()
                .map(d -> ScreenChanges.planWith(
                        line, d, d.kind().typical().watts().middle()));
    }

    @Override
    public boolean doubts() {
        return true;
    }
}
