package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.LiveChanges;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.stream.Stream;

/** A live head is plugged into its own box, which makes its picture; whatever pins fit, a display does not. */
final class ModuleMissing implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.module-missing", Link.TRANSDUCER, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        boolean module = rig.devices().stream().anyMatch(device -> device.kind() == DeviceKind.LIVE_MODULE);
        WorstOf worst = new WorstOf();
        for (Transducer transducer : rig.transducers()) {
            if (transducer.live() && !rig.devices().isEmpty()) {
                boolean plugged = rig.displayOf(transducer)
                        .filter(device -> device.kind() == DeviceKind.LIVE_MODULE)
                        .isPresent();
                worst.add(
                        plugged ? 1 : -1,
                        module
                                ? "The {} is not plugged into the live module, which makes its picture."
                                : "The {} comes with a live module, which makes its picture: there is none aboard.",
                        transducer.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return LiveChanges.modules(line);
    }
}
