package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Wanted;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseChanges;
import app.brightkeel.core.review.change.fuse.FuseFits;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pointer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** No fuse is larger than the device's maker allows; a limit nobody gave is asked for, never invented. */
final class AboveMakerMaximum implements Rule {

    @Override
    public Identity identity() {
        return new Identity("fuse.above-maker-maximum", Link.FUSE, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<ProtectionState> state = line.get(Protection.STAGE);
        if (!state.isKnown()) {
            return SILENT;
        }
        WorstOf worst = new WorstOf();
        List<String> unknown = new ArrayList<>();
        List<Device> devices = line.rig().devices();
        for (int d = 0; d < devices.size(); d++) {
            int guard = state.value().guards().get(d);
            Figure most = devices.get(d).limits().maxFuseA();
            if (guard >= 0 && !most.isSet()) {
                unknown.add(Pointer.device(d, "limits/maxFuseA"));
            } else if (guard >= 0) {
                FuseDuty duty = state.value().fuses().get(guard);
                double lets = state.value().guardA().get(d);
                worst.add(
                        WorstOf.within(lets, most.value()),
                        lets > duty.ratingA()
                                ? "The {} and those of batteries joined with its own let {} through; the maker of the {} allows {}."
                                : "The {} is {}; the maker of the {} allows {}.",
                        duty.name(),
                        new Amount(lets, Unit.RATING),
                        devices.get(d).name(),
                        new Amount(most.value(), Unit.RATING));
            }
        }
        Judgement measured = worst.judgement();
        boolean gives = measured instanceof Judgement.Measured m && m.headroom() < 0;
        return unknown.isEmpty() || gives
                ? measured
                : new Judgement.Ask(unknown, Text.of("Wanted: {}.", Wanted.words(line.rig(), unknown)));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(FuseChanges.rate(line), FuseFits.ofTheirOwn(line));
    }

    @Override
    public Text byHand() {
        return Text.of(
                "No rating is as small as that and carries the load: a lead of its own, or look up again what it draws and what its maker allows.");
    }
}
