package app.brightkeel.core.review.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** The plug at the end of a supply lead goes into the power socket it is meant for. */
final class PlugPinsDiffer implements Rule {

    @Override
    public Identity identity() {
        return new Identity("wire.plug-pins-differ", Link.WIRE, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        for (Segment segment : rig.harness().segments()) {
            Figure plug = segment.end().pins();
            rig.devices().stream()
                    .filter(device -> device.id().equals(segment.to()) && plug.isSet())
                    .filter(device -> device.sockets().powerPins().isSet())
                    .forEach(device -> worst.add(
                            plug.value() == device.sockets().powerPins().value() ? 1 : -1,
                            "The {} ends in a plug of {} pins; the {} takes {}.",
                            segment.name(),
                            new Amount(plug.value(), Unit.COUNT),
                            device.name(),
                            new Amount(device.sockets().powerPins().value(), Unit.COUNT)));
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireChanges.rightPlugs(line).stream();
    }
}
