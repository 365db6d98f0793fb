package app.brightkeel.core.layout;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.Face;
import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.craft.Faces;
import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.craft.MassRows;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.BaseEdge;
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
        MassRows.tell(told, rig);
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
        it.afloat().ifPresent(afloat -> faces(told, line, afloat));
        it.tip().ifPresent(tip -> told.opened("", "tip margin", tip.margin(), Unit.FACTOR, tip(line, tip)));
        return told.result("", "mass of the rig", it.massKg(), Unit.KILOGRAM).done();
    }

    /** What heel and trim do to each transducer: the one on the high side comes up. */
    private static void faces(Working.Builder told, Line line, Afloat afloat) {
        Outcome<Faces> faces = line.get(FaceStage.STAGE);
        if (!faces.isKnown()) {
            return;
        }
        for (Face face : faces.value().faces()) {
            String name = line.rig().transducer(face.transducer()).orElseThrow().name();
            double heeled = face.yM() * Math.tan(afloat.heelRad());
            told.remark(
                    heeled < 0
                            ? "The heel lifts the face of the {} by {}."
                            : "The heel lowers the face of the {} by {}.",
                    name,
                    new Amount(Math.abs(heeled), Unit.MILLIMETRE));
            told.opened(
                    "", "that face under the surface", face.underM(), Unit.MILLIMETRE, FaceStage.STAGE.working(line));
        }
    }

    private static Working tip(Line line, Tip tip) {
        Craft craft = line.rig().craft();
        CarryNeeds.Base base = line.needs(CarryStage.STAGE).value().base().orElseThrow();
        HandleLine handle = HandleLine.of(base.masses());
        Working.Builder told = Working.of(
                        "Tip margin", "margin = restoring / overturning moment", Source.derived("statics"))
                .figure("", "length of the base", craft.lengthM(), Unit.METRE, "/craft/lengthM")
                .figure("", "width of the base", craft.beamM(), Unit.METRE, "/craft/beamM")
                .figure("", "the box itself, over its middle", craft.massKg(), Unit.KILOGRAM, "/craft/massKg")
                .remark("About the {} edge of what it stands on; what hangs in the hole does not count.", tip.side())
                .remark("A battery counts as far out as it really fits inside.")
                .step("", "restoring, kg·m", tip.restoringKgM(), Unit.FACTOR)
                .step("", "overturning, kg·m", tip.overturningKgM(), Unit.FACTOR)
                .step("", "ballast at the far edge for just 1", tip.ballastKg(1), Unit.KILOGRAM)
                .step("", "ballast there for 1.3", tip.ballastKg(Tip.WANTED), Unit.KILOGRAM)
                .step("x", "a swinging handle: its middle, from the front edge", handle.xM(), Unit.METRE)
                .step("y", "right of the centre line", handle.yM(), Unit.METRE)
                .step("", "its axis, from fore and aft to the right", Math.toDegrees(handle.alongRad()), Unit.DEGREE);
        if (Footprint.of(craft).outsideM(handle.xM(), handle.yM()) > 0) {
            told.remark("That lies outside what it stands on: fold or retract what hangs out before it is lifted.");
        }
        Hang.of(line)
                .ifPresent(hang -> told.step("", "weight beside the bail", hang.besideM(), Unit.MILLIMETRE)
                        .step("", "below its ends", hang.belowM(), Unit.MILLIMETRE)
                        .step("", "so it hangs over by", Math.toDegrees(hang.overRad()), Unit.DEGREE));
        if (craft.stand().edge() != BaseEdge.NONE) {
            told.figure("", "kickstand out over its edge", craft.stand().outM(), Unit.MILLIMETRE, "/craft/stand/outM")
                    .remark(
                            craft.stand().folds()
                                    ? "The kickstand folds away with everything mounted."
                                    : "Try whether the kickstand still folds away with everything mounted.");
        }
        return told.result("", "margin", tip.margin(), Unit.FACTOR).done();
    }
}
