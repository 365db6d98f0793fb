package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseChanges;
import java.util.stream.Stream;

/** The first fuse sits within 178 mm of the battery, or 1.83 m inside a sheath over the whole length (ABYC E-11). */
final class TooFarFromBattery implements Rule {

    @Override
    public Identity identity() {
        return new Identity("fuse.too-far-from-battery", Link.FUSE, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(Protection.STAGE).map(ProtectionState::fuses), (worst, duty) -> {
            if (duty.place().first()) {
                worst.add(
                        WorstOf.within(duty.place().distanceM(), duty.place().allowedM()),
                        "The {} sits {} from the battery; {} are allowed {}.",
                        duty.name(),
                        new Amount(duty.place().distanceM(), Unit.MILLIMETRE),
                        new Amount(duty.place().allowedM(), Unit.MILLIMETRE),
                        duty.place().sheathed() ? "inside a sheath" : "without a sheath");
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FuseChanges.move(line);
    }
}
