package app.brightkeel.core.build;

import app.brightkeel.core.fastening.Fastened;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Backing;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.Rig;
import java.util.Optional;

/** Which screws a step drives, what they hold in, and what lies behind them. */
final class FastenerWords {

    private FastenerWords() {}

    /** All that fasten a part. */
    static void tell(StepDraft draft, Rig rig, String part) {
        rig.fitOut().fasteners().stream().filter(each -> each.of().equals(part)).forEach(each -> tell(draft, each));
    }

    static void tell(StepDraft draft, Fastener each) {
        Text size = size(each);
        draft.of(each.id())
                .say("{} × {}: {}.", each.count(), each.kind().words(), size)
                .fact(each.name(), "{} × {} {}", each.count(), each.kind().words(), size)
                .fact("behind " + each.name(), "{}", each.backing().words())
                .material(each.count() + " × " + each.name());
        if (!each.lengthM().isSet() || !each.widthM().isSet()) {
            draft.tool("gauge or ruler for screws");
        }
        behind(each).ifPresent(words -> draft.say("{}", words));
        if (each.backing() != Backing.UNDECIDED) {
            draft.say("Behind it: {}.", each.backing().words());
        }
    }

    private static Text size(Fastener each) {
        return each.widthM().isSet() && each.lengthM().isSet()
                ? Text.of(
                        "{} × {}",
                        new Amount(each.widthM().value(), Unit.FINE_MILLIMETRE),
                        new Amount(each.lengthM().value(), Unit.MILLIMETRE))
                : Text.of("size not said yet, measure the layers first");
    }

    private static Optional<Text> behind(Fastener each) {
        return Fastened.of(each).map(it -> {
            if (it.outM() <= 0) {
                return Text.of(
                        "It bites {} of {} and ends there.",
                        new Amount(it.bitesM(), Unit.FINE_MILLIMETRE),
                        each.stuff().words());
            }
            Amount out = new Amount(it.outM(), Unit.FINE_MILLIMETRE);
            return it.freeM().isPresent()
                    ? Text.of(
                            "It comes out {} behind, where {} is free.",
                            out,
                            new Amount(it.freeM().getAsDouble(), Unit.MILLIMETRE))
                    : Text.of("It comes out {} behind: look first what is there.", out);
        });
    }
}
