package app.brightkeel.core.review.mount;

import app.brightkeel.core.mount.Score;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.KindTraits;
import app.brightkeel.core.review.Trait;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;

/** By what mounts differ: the parts of the score that count for the person, how proud the face stands, what is noted of each. */
final class MountTraits {

    /** Less of it nobody notices on the beach [m]. */
    private static final double NOTICED_M = 0.01;

    private MountTraits() {}

    /** Of a transducer of a filled rig. */
    static List<Trait> of(Rig rig, Transducer transducer) {
        MountKind kind = transducer.mount().kind();
        List<Trait> all = new ArrayList<>();
        for (Score.Valued each : Score.of(rig, transducer).counting(rig.weights())) {
            all.add(new Trait.Graded(each.part().about(), each.value(), Text.of(each.words())));
        }
        Figure below = transducer.mount().belowM();
        if (below.isSet() && !kind.throughIce() && kind != MountKind.UNDECIDED) {
            all.add(new Trait.Counted(
                    "how far it stands under the hull",
                    new Amount(Math.max(0, below.value()), Unit.MILLIMETRE),
                    false,
                    NOTICED_M,
                    "stands {} deeper under the hull in shallows",
                    "stands {} less under the hull in shallows"));
        }
        all.addAll(KindTraits.of("mount", kind));
        return all;
    }
}
