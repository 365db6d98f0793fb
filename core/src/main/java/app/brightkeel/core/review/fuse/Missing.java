package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Worst;
import java.util.List;
import java.util.stream.Stream;

/** Every way from a battery to a device passes a fuse. */
final class Missing implements Rule {

    @Override
    public Head head() {
        return new Head("fuse.missing", Link.FUSE, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        Worst worst = new Worst();
        for (int device :
                line.get(Protection.STAGE).map(ProtectionState::bareDevices).orElse(List.of())) {
            worst.add(
                    -1,
                    "No fuse between the battery and the {}: a chafed lead can burn.",
                    line.rig().devices().get(device).name());
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FuseFits.atBatteries(line);
    }
}
