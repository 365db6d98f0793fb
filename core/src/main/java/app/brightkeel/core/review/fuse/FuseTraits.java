package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Trait;
import java.util.List;
import java.util.Optional;

/** By what ratings of a fuse differ: room over what passes, and room under what its wire takes. */
final class FuseTraits {

    /** Room that is worth a word [A]; common practice, no source. */
    private static final double WORTH_A = 0.5;

    private FuseTraits() {}

    /** The fuse whose rating differs, else the main one. */
    static Optional<FuseDuty> shown(Line planned, Line changed) {
        List<FuseDuty> after = duties(changed);
        return after.stream()
                .filter(duty -> of(planned, duty.id())
                        .filter(before -> before.ratingA() != duty.ratingA())
                        .isPresent())
                .findFirst()
                .or(() -> after.stream().findFirst());
    }

    /** The fuse with this id, where the rig has it. */
    static Optional<FuseDuty> of(Line line, String id) {
        return duties(line).stream().filter(duty -> duty.id().equals(id)).findFirst();
    }

    private static List<FuseDuty> duties(Line line) {
        Outcome<ProtectionState> state = line.get(Protection.STAGE);
        return state.isKnown() ? state.value().fuses() : List.of();
    }

    static List<Trait> of(FuseDuty duty) {
        return List.of(
                new Trait.Counted(
                        "room over the load",
                        new Amount(duty.ratingA() - duty.loadA(), Unit.AMPERE),
                        true,
                        WORTH_A,
                        "{} more room for what starts behind it",
                        "{} less room for what starts behind it"),
                new Trait.Counted(
                        "room under the wire",
                        new Amount(duty.zone().ampacityA() - duty.ratingA(), Unit.AMPERE),
                        true,
                        WORTH_A,
                        "opens {} further below what its wire takes",
                        "opens {} nearer to what its wire takes"),
                new Trait.Counted(
                        "a short at the far end",
                        new Amount(duty.zone().farShortA() / duty.ratingA(), Unit.TIMES),
                        true,
                        1,
                        "a short at the far end is {} more times its rating",
                        "a short at the far end is {} fewer times its rating"));
    }

    /** What passes it and what its wire takes. */
    static Text note(FuseDuty duty) {
        return Text.of(
                "carries {} at the most, its wire takes {}",
                new Amount(duty.loadA(), Unit.AMPERE),
                new Amount(duty.zone().ampacityA(), Unit.AMPERE));
    }
}
