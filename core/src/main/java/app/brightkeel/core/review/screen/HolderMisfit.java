package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.reach.HolderFit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoxChanges;
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.review.change.screen.HolderChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Holder;
import java.util.stream.Stream;

/** Grip, width, bolts and balls of a holder fit the place and the display. */
final class HolderMisfit implements Rule {

    @Override
    public Identity identity() {
        return new Identity("screen.holder-misfit", Link.SCREEN, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Holder holder : line.rig().holders()) {
            Device display = line.rig().device(holder.holds());
            HolderFit.of(line.rig(), holder, display)
                    .forEach(fit -> worst.add(fit.fits() ? 1 : -1, fit.template(), fit.parts()));
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.of(HolderChanges.holders(line), BoxChanges.lidBolts(line), CarryChanges.displays(line))
                .flatMap(each -> each);
    }
}
