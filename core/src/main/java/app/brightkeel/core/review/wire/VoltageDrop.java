package app.brightkeel.core.review.wire;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedOtherwise;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.stream.Stream;

/** Volts lost on the way, of the nominal 12 V: 3 % for electronics that reboot, 10 % for the rest (ABYC E-11). */
final class VoltageDrop implements Rule {

    private static final double ELECTRONICS = 0.03;
    private static final double OTHERS = 0.10;

    /** Drop at which the margin is used up, as a multiple of the allowed one: 10 % for electronics. */
    private static final double USED_UP = 10 / 3.0;

    private static final double NOMINAL_V = 12;

    @Override
    public Identity identity() {
        return new Identity("wire.drop", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (FeedOtherwise.Way way : FeedOtherwise.all(line)) {
            judge(line, way, worst);
        }
        return worst.judgement();
    }

    private static void judge(Line line, FeedOtherwise.Way way, WorstOf worst) {
        List<Device> devices = line.rig().devices();
        for (int d = 0; d < devices.size(); d++) {
            if (way.feed().feeds(d) && way.feed().mean().exists()) {
                double drop = way.feed().dropV(d) / nominalV(line.rig(), way.feed(), d);
                double allowed = reboots(devices.get(d).kind()) ? ELECTRONICS : OTHERS;
                worst.add(
                        headroom(drop / allowed),
                        "{}{} of the volts are lost on the way to the {}; {} is good practice.",
                        way.over(),
                        new Amount(drop, Unit.FINE_PERCENT),
                        devices.get(d).name(),
                        new Amount(allowed, Unit.PERCENT));
            }
        }
    }

    /** Of the source that feeds it: a bank of 36 V may lose three times what one of 12 V may. */
    private static double nominalV(Rig rig, FeedState feed, int device) {
        int source = feed.topology().sourceOfDevice(device);
        return NOMINAL_V
                * feed.topology().sources().get(source).stream()
                        .mapToInt(pack -> rig.harness().packs().get(pack).blocks())
                        .sum();
    }

    private static double headroom(double share) {
        return share <= 1
                ? COMFORTABLE + (1 - COMFORTABLE) * (1 - share)
                : COMFORTABLE * (USED_UP - share) / (USED_UP - 1);
    }

    private static boolean reboots(DeviceKind kind) {
        return kind != DeviceKind.LIGHT && kind != DeviceKind.PUMP && kind != DeviceKind.PHONE_CHARGE;
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(WireChanges.thicker(line, tooMuchV(line)), WireChanges.thickerSpares(line));
    }

    /** By how much the worst device loses more than good practice allows [V]. */
    private static double tooMuchV(Line line) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        List<Device> devices = line.rig().devices();
        double worst = 0;
        for (int d = 0; d < devices.size() && feed.isKnown(); d++) {
            if (feed.value().feeds(d) && feed.value().mean().exists()) {
                double allowed = reboots(devices.get(d).kind()) ? ELECTRONICS : OTHERS;
                worst = Math.max(worst, feed.value().dropV(d) - allowed * nominalV(line.rig(), feed.value(), d));
            }
        }
        return worst;
    }
}
