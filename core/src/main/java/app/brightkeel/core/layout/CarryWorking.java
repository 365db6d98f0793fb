package app.brightkeel.core.layout;

import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.craft.Placed;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Rig;

/** Tells what is carried and how it stands. */
final class CarryWorking {

    private CarryWorking() {}

    static Working of(Line line) {
        Outcome<Carried> outcome = line.get(CarryStage.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("What is carried", outcome.missing());
        }
        Carried it = outcome.value();
        Rig rig = line.rig();
        Working.Builder told = Working.of("What is carried", "Σ m", Source.derived("a sum; wire is not counted"));
        Placed.tell(told, rig);
        if (it.comesOff().isEmpty()) {
            told.remark("Nothing comes off the craft after the day.");
        } else {
            told.remark(
                    "Comes off after the day: {}, {} together.",
                    String.join(", ", it.comesOff()),
                    new Amount(it.comesOffKg(), Unit.KILOGRAM));
        }
        it.afloat()
                .ifPresent(afloat -> told.opened(
                        "φ",
                        "heel, right is positive",
                        Math.toDegrees(afloat.heelRad()),
                        Unit.DEGREE,
                        FloatStage.STAGE.working(line)));
        it.tip().ifPresent(tip -> told.opened("", "tip margin", tip.margin(), Unit.FACTOR, tip(rig.craft(), tip)));
        return told.result("", "mass of the rig", it.massKg(), Unit.KILOGRAM).done();
    }

    private static Working tip(Craft craft, Tip tip) {
        return Working.of("Tip margin", "margin = restoring / overturning moment", Source.derived("statics"))
                .figure("", "length of the base", craft.lengthM(), Unit.METRE, "/craft/lengthM")
                .figure("", "width of the base", craft.beamM(), Unit.METRE, "/craft/beamM")
                .figure("", "the box itself, over its middle", craft.massKg(), Unit.KILOGRAM, "/craft/massKg")
                .remark(
                        "About the {} edge; what hangs in the hole does not count.",
                        tip.edge().words())
                .step("", "restoring, kg·m", tip.restoringKgM(), Unit.FACTOR)
                .step("", "overturning, kg·m", tip.overturningKgM(), Unit.FACTOR)
                .step("", "ballast at the far edge for just 1", tip.ballastKg(1), Unit.KILOGRAM)
                .step("", "ballast there for 1.3", tip.ballastKg(Tip.WANTED), Unit.KILOGRAM)
                .result("", "margin", tip.margin(), Unit.FACTOR)
                .done();
    }
}
