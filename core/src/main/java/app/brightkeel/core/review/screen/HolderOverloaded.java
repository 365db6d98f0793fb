package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.screen.HolderChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Holder;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** A holder carries the mass of its display at the end of its arm. */
final class HolderOverloaded implements Rule {

    private static final double GRAVITY = 9.81;

    @Override
    public Identity identity() {
        return new Identity("screen.holder-overloaded", Link.SCREEN, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Holder holder : line.rig().holders()) {
            Device display = line.rig().device(holder.holds());
            OptionalDouble moment = momentNm(holder, display);
            if (moment.isPresent() && holder.carriesNm().isSet()) {
                worst.add(
                        WorstOf.within(moment.getAsDouble(), holder.carriesNm().value()),
                        "The {} turns the {} with {}; it carries {}.",
                        display.name(),
                        holder.name(),
                        new Amount(moment.getAsDouble(), Unit.NEWTON_METRE),
                        new Amount(holder.carriesNm().value(), Unit.NEWTON_METRE));
            }
        }
        return worst.judgement();
    }

    /** What a display turns its holder with, where mass and arm are known [N·m]. */
    static OptionalDouble momentNm(Holder holder, Device display) {
        return holder.armM().isSet() && display.massKg().isSet()
                ? OptionalDouble.of(
                        display.massKg().value() * GRAVITY * holder.armM().value())
                : OptionalDouble.empty();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return HolderChanges.holders(line);
    }
}
