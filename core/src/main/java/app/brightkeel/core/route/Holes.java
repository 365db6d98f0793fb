package app.brightkeel.core.route;

import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Passage;

/** Lists every opening that cables go through: how wide, how full, whether it is there already, above the water or not. */
public final class Holes {

    private Holes() {}

    /** As a working; openings that have to be drilled say so. */
    public static Working working(Craft craft, Routes routes) {
        Working.Builder told = Working.of(
                "Openings and holes",
                "circle round n equal cables = factor(n) · width of one",
                Source.published("best packings of equal circles in a circle, 1 to 7"));
        for (Shared shared : Shared.of(routes)) {
            Passage passage = shared.passage();
            int at = craft.passages().indexOf(passage);
            told.remark(
                            "{}, {}: {}, {} the waterline",
                            passage.name(),
                            passage.way().words(),
                            passage.way().drills() ? "to be drilled" : "there already",
                            passage.belowWaterline() ? "below" : "above")
                    .figure(
                            "",
                            "clear opening",
                            passage.openingM(),
                            Unit.MILLIMETRE,
                            "/craft/passages/" + at + "/openingM")
                    .remark(
                            "{} through it, a circle of {} together",
                            shared.cables() == 1 ? "One cable" : shared.cables() + " cables",
                            new Amount(shared.circleM(), Unit.MILLIMETRE));
        }
        return told.result("", "holes to drill", routes.holes(), Unit.COUNT).done();
    }
}
