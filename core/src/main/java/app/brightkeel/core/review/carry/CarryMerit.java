package app.brightkeel.core.review.carry;

import app.brightkeel.core.layout.Carried;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.layout.TakeOff;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.LinkReview.Measure;
import app.brightkeel.core.review.LinkReview.Merit;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;

/** What speaks for and against a way to carry the rig: mass, level, minutes, and what its box is good and bad at. */
final class CarryMerit {

    /** Minutes and degrees against kilograms, among what is judged alike. */
    private static final double PER_MINUTE = 0.2;

    private static final double PER_DEGREE = 1;

    private CarryMerit() {}

    static Merit of(Line planned, Line changed) {
        Outcome<Carried> known = changed.get(CarryStage.STAGE);
        if (!known.isKnown()) {
            return Merit.NONE;
        }
        Carried it = known.value();
        double minutes = TakeOff.of(changed.rig()).minMin();
        double degrees = it.afloat()
                .map(afloat -> Math.abs(Math.toDegrees(afloat.heelRad())))
                .orElse(0.0);
        Amount mass = new Amount(it.massKg(), Unit.KILOGRAM);
        Amount off = new Amount(minutes, Unit.MINUTE);
        List<Measure> measures = new ArrayList<>(
                List.of(new Measure("mass", mass, false), new Measure("minutes to take off", off, false)));
        it.afloat().ifPresent(afloat -> measures.add(new Measure("heel", new Amount(degrees, Unit.DEGREE), false)));
        it.tip().ifPresent(tip -> measures.add(new Measure("tip margin", new Amount(tip.margin(), Unit.TIMES), true)));
        List<Text> reasons = new ArrayList<>();
        reasons.add(Text.of("{} in all, {} to take off", mass, off));
        unit(planned.rig(), changed.rig(), reasons);
        return new Merit(-(it.massKg() + PER_MINUTE * minutes + PER_DEGREE * degrees), reasons, measures);
    }

    /** What a box that was not there is good at, and what it loses on. */
    private static void unit(Rig before, Rig after, List<Text> reasons) {
        List<Enclosure> old = before.fitOut().boxes();
        for (Enclosure box : after.fitOut().boxes()) {
            if (old.stream().noneMatch(each -> each.id().equals(box.id()))) {
                reasons.add(Text.of(
                        switch (box.kind()) {
                            case BOX, CASE ->
                                "keeps water out as long as no hole is cut; loses on mass, and gas stays in";
                            case BAG -> "lightest and off in a hand; loses on knocks, and on water once it is open";
                            case POD -> "made to measure from boards; loses on mass, and on a day of work";
                            case BUCKET, SHUTTLE -> "stands by itself, carried by one handle; loses on room and water";
                        }));
            }
        }
        boolean gone = old.stream()
                .anyMatch(box -> after.fitOut().boxes().stream()
                        .noneMatch(each -> each.station().equals(box.station())));
        if (gone || stays(before) < stays(after)) {
            reasons.add(Text.of("nothing to carry; loses on theft, on charging aboard, and stays in the cold"));
        }
    }

    private static long stays(Rig rig) {
        return rig.harness().packs().stream()
                .filter(pack -> rig.placeOf(pack.id())
                        .filter(place -> !place.comesOff())
                        .isPresent())
                .count();
    }
}
