package app.brightkeel.core.review.carry;

import app.brightkeel.core.enclosure.Fit;
import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.enclosure.Fits;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The battery and all else go into their place with their plugs on. */
final class TooLittleRoom implements Rule {

    /** Gap where there is plenty of room [m]. */
    private static final double PLENTY_M = 0.05;

    @Override
    public Identity identity() {
        return new Identity("carry.does-not-fit", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(FitStage.STAGE).map(Fits::all), (worst, fit) -> {
            double gap = fit.leastGapM();
            worst.add(
                    gap < 0 ? gap / fit.around().tallM() : Math.min(1, COMFORTABLE + gap / PLENTY_M),
                    words(fit),
                    fit.name(),
                    new Amount(Math.abs(gap), Unit.MILLIMETRE),
                    fit.place(),
                    gap < 0 ? takes(line.rig(), fit) : Text.of(""));
        });
    }

    /** What takes room beside the things themselves: plugs, what is kept free, what hangs under the lid. */
    private static Text takes(Rig rig, Fit fit) {
        List<Text> all = new ArrayList<>();
        for (Pack pack : rig.harness().packs()) {
            if (fit.holds(pack.id()) && pack.plugM().isSet() && pack.plugM().value() > 0) {
                all.add(Text.of(
                        "{} on top of {} for its terminals and plug",
                        new Amount(pack.plugM().value(), Unit.MILLIMETRE),
                        pack.name()));
            }
        }
        rig.fitOut().boxAt(fit.station()).ifPresent(box -> {
            if (box.clearM().value() > 0) {
                all.add(Text.of(
                        "{} kept free on every side", new Amount(box.clearM().value(), Unit.MILLIMETRE)));
            }
            if (box.lidM().value() > 0) {
                all.add(Text.of("{} under the lid", new Amount(box.lidM().value(), Unit.MILLIMETRE)));
            }
        });
        return all.isEmpty() ? Text.of("") : Text.of(" That counts {}.", Text.joined(all));
    }

    private static String words(Fit fit) {
        if (fit.leastGapM() >= 0) {
            return fit.several() ? "{} leave a gap of {} in the {}.{}" : "{} leaves a gap of {} in the {}.{}";
        }
        return fit.several()
                ? "{} take {} more than there is in the {}, however they are turned beside or on each other.{}"
                : "{} is {} too large for the {}, whichever way it is turned.{}";
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.fitting(line);
    }
}
