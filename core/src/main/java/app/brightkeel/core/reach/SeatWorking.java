package app.brightkeel.core.reach;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.rig.Rig;

/** Tells how reach and sight come about. */
final class SeatWorking {

    private SeatWorking() {}

    static Working of(Line line) {
        Outcome<Seated> outcome = line.get(SeatStage.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("Reach and sight", outcome.missing());
        }
        Rig rig = line.rig();
        Seated seated = outcome.value();
        Working.Builder told = Working.of(
                        "Reach and sight",
                        "needed height of figures = distance from the eye · tan 20′",
                        Source.published("ISO 9241-303 (16-22 minutes of arc); reach: common practice"))
                .figure("", "body height", rig.angler().tallM(), Unit.METRE, "/angler/tallM")
                .figure("", "seat, from the bow", rig.craft().seatM(), Unit.METRE, "/craft/seatM")
                .figure("", "seat over the bottom", rig.craft().seatHeightM(), Unit.MILLIMETRE, "/craft/seatHeightM")
                .step("", "the hand goes at ease", seated.atEaseM(), Unit.METRE)
                .step("", "stretched", seated.stretchedM(), Unit.METRE)
                .step("", "ahead, leaning", seated.leaningM(), Unit.METRE);
        for (Seated.FromSeat placed : seated.things()) {
            told.remark("{}", placed.thing().name()).step("", "from the seat, in plan", placed.awayM(), Unit.METRE);
            for (Posture posture : Posture.values()) {
                double beyond = placed.beyondM().getOrDefault(posture, 0.0);
                if (beyond <= 0) {
                    told.remark("{}: within reach.", Worded.capital(posture.words()));
                } else {
                    told.remark("{}: {} too far.", Worded.capital(posture.words()), new Amount(beyond, Unit.METRE));
                }
            }
            for (Area area : placed.standsIn()) {
                told.remark("It stands in the room of {}.", area.zone().words());
            }
            if (placed.thing().screen()) {
                told.step("", "from the eye", placed.eyeM(), Unit.METRE)
                        .result("", "figures must be so high", placed.neededM(), Unit.FINE_MILLIMETRE);
            }
        }
        return told.remark("Glare: a hood, or the screen tilted 10-20° toward the eyes.")
                .done();
    }
}
