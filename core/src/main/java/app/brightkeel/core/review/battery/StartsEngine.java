package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.rig.Cranking;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Pointer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** A pack that starts an engine gives at least the cold cranking current that its maker asks for, before all else. */
final class StartsEngine implements Rule {

    /** A caution, not a limit: some makers build them for it. */
    private static final double NO_LITHIUM = 0.05;

    @Override
    public Identity identity() {
        return new Identity("battery.starts-engine", Link.BATTERY, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        List<Pack> packs = line.rig().harness().packs();
        List<String> missing = new ArrayList<>();
        WorstOf worst = new WorstOf();
        for (int p = 0; p < packs.size(); p++) {
            Pack pack = packs.get(p);
            Cranking cranking = pack.cranking();
            if (!cranking.engine() || pack.chemistry() == Chemistry.UNDECIDED) {
                continue;
            }
            if (!pack.chemistry().lead()) {
                worst.add(
                        NO_LITHIUM,
                        "{} is to start an engine: its electronics may cut off under the starter, and an alternator is no "
                                + "charger for it. A lead starter battery does that, this one the rest.",
                        pack.name());
            } else if (!cranking.givesA().isSet() || !cranking.wantsA().isSet()) {
                if (!cranking.wantsA().isSet()) {
                    missing.add(Pointer.pack(p, "cranking/wantsA"));
                }
                if (!cranking.givesA().isSet()) {
                    missing.add(Pointer.pack(p, "cranking/givesA"));
                }
            } else {
                double left = Math.min(1, Packs.age(pack).share());
                double gives = cranking.givesA().value() * left;
                worst.add(
                        WorstOf.within(cranking.wantsA().value(), gives),
                        left < 1
                                ? "{} gives {} to a cold engine, as worn as it is; the engine's maker asks for {}."
                                : "{} gives {} to a cold engine; the engine's maker asks for {}.",
                        pack.name(),
                        new Amount(gives, Unit.AMPERE),
                        new Amount(cranking.wantsA().value(), Unit.AMPERE));
            }
        }
        return missing.isEmpty()
                ? worst.judgement()
                : new Judgement.Ask(
                        missing, Text.of("It starts an engine: what does that want, and what does it give?"));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return line.entered().harness().packs().stream()
                .filter(pack -> pack.cranking().engine())
                .map(pack -> new Change(
                        "battery.engine-apart." + pack.id(),
                        Text.of("Another battery starts the engine, {} does not", pack.name()),
                        Effort.BUY,
                        line.entered().with(pack.withCranking(Cranking.NONE))));
    }
}
