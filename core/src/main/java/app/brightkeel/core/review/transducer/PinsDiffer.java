package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.PlugChanges;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Sockets;
import java.util.stream.Stream;

/** The transducer's plug has as many pins as the socket it goes into, adapter included. */
final class PinsDiffer implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.pins-differ", Link.TRANSDUCER, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        Sockets.Plugged.all(line.rig()).forEach(plugged -> {
            Figure plug = plugged.transducer().plug().pinsAtDisplay();
            Figure socket = plugged.device().sockets().sonarPins();
            if (plug.isSet() && socket.isSet()) {
                worst.add(
                        plug.value() == socket.value() ? 1 : -1,
                        "A plug of {} pins does not go into the {}, which takes {}.",
                        new Amount(plug.value(), Unit.COUNT),
                        plugged.device().name(),
                        new Amount(socket.value(), Unit.COUNT));
            }
        });
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return PlugChanges.all(line);
    }

    @Override
    public Text byHand() {
        return Text.of("Ask for a lead or an adapter of that pair by its maker: none is in the list.");
    }
}
