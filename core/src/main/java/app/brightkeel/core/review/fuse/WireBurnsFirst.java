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
import app.brightkeel.core.review.change.wire.WireChanges;
import java.util.stream.Stream;

/** What a fuse lets through until it opens must not burn the wire behind it: {@code I²t ≤ k²S²} (IEC 60364-4-43). */
final class WireBurnsFirst implements Rule {

    @Override
    public Identity identity() {
        return new Identity("fuse.wire-burns-first", Link.FUSE, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(Protection.STAGE).map(ProtectionState::fuses), (worst, duty) -> {
            if (duty.zone().letThrough().amps() > 0) {
                worst.add(
                        WorstOf.within(
                                duty.zone().letThrough().a2s(), duty.zone().withstandA2s()),
                        "{} may let {} flow for {} before it opens; {} stands {} of that heat, not {}.",
                        duty.name(),
                        new Amount(duty.zone().letThrough().amps(), Unit.AMPERE),
                        new Amount(duty.zone().letThrough().seconds(), Unit.SECOND),
                        line.rig()
                                .harness()
                                .segments()
                                .get(duty.zone().weakest())
                                .name(),
                        new Amount(duty.zone().withstandA2s(), Unit.AMPERE_SQUARED_SECOND),
                        new Amount(duty.zone().letThrough().a2s(), Unit.AMPERE_SQUARED_SECOND));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(FuseChanges.rate(line), WireChanges.thicker(line));
    }
}
