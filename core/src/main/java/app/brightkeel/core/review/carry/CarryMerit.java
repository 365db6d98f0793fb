package app.brightkeel.core.review.carry;

import app.brightkeel.core.layout.Carried;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.layout.TakeOff;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.KindTraits;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.LinkReview.Merit;
import app.brightkeel.core.review.Trait;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Weights;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What speaks for and against a way to carry the rig: mass, level, minutes, and what its box is good and bad at. */
final class CarryMerit {

    /** Minutes and degrees against kilograms, among what is judged alike. */
    private static final double PER_MINUTE = 0.2;

    private static final double PER_DEGREE = 1;

    /** Differences that are worth a word; common practice, no source. */
    private static final double WORTH_KG = 0.1;

    private static final double WORTH_DEG = 0.1;

    private static final double WORTH_TIMES = 0.1;

    private CarryMerit() {}

    static Merit of(Line planned, Line changed) {
        Outcome<Carried> known = changed.get(CarryStage.STAGE);
        if (!known.isKnown()) {
            return Merit.NONE;
        }
        Carried it = known.value();
        double minutes = TakeOff.of(changed.rig()).minMin();
        Text note = Text.of(
                "{} in all, {} to take off", new Amount(it.massKg(), Unit.KILOGRAM), new Amount(minutes, Unit.MINUTE));
        List<Trait> was = new ArrayList<>(traits(planned));
        List<Trait> is = new ArrayList<>(traits(changed));
        units(planned.rig(), changed.rig(), was, is);
        double score = -(it.massKg()
                + PER_MINUTE * Weights.of(changed.rig().weights().removal()) * minutes
                + PER_DEGREE * degrees(it));
        return new Merit(score, List.of(note), was, is);
    }

    private static double degrees(Carried it) {
        return it.afloat()
                .map(afloat -> Math.abs(Math.toDegrees(afloat.heelRad())))
                .orElse(0.0);
    }

    private static List<Trait> traits(Line line) {
        Outcome<Carried> known = line.get(CarryStage.STAGE);
        if (!known.isKnown()) {
            return List.of();
        }
        Carried it = known.value();
        List<Trait> all = new ArrayList<>(List.of(
                new Trait.Counted(
                        "mass", new Amount(it.massKg(), Unit.KILOGRAM), false, WORTH_KG, "{} heavier", "{} lighter"),
                new Trait.Counted(
                        "minutes to take off",
                        new Amount(TakeOff.of(line.rig()).minMin(), Unit.MINUTE),
                        false,
                        1,
                        "takes {} longer to take off",
                        "is off {} sooner")));
        if (it.afloat().isPresent()) {
            all.add(new Trait.Counted(
                    "heel", new Amount(degrees(it), Unit.DEGREE), false, WORTH_DEG, "heels {} more", "heels {} less"));
            all.add(new Trait.Counted(
                    "trim",
                    new Amount(Math.abs(Math.toDegrees(it.afloat().get().trimRad())), Unit.DEGREE),
                    false,
                    WORTH_DEG,
                    "trims {} more",
                    "trims {} less"));
        }
        it.tip()
                .ifPresent(tip -> all.add(new Trait.Counted(
                        "tip margin",
                        new Amount(tip.margin(), Unit.TIMES),
                        true,
                        WORTH_TIMES,
                        "stands firmer by {} of its margin",
                        "stands less firm by {} of its margin")));
        return all;
    }

    /** Where boxes come or go: what each is good and bad at, against what it replaces. */
    private static void units(Rig before, Rig after, List<Trait> was, List<Trait> is) {
        Optional<Enclosure> come =
                LinkReview.firstNew(before.fitOut().boxes(), after.fitOut().boxes());
        Optional<Enclosure> gone =
                LinkReview.firstNew(after.fitOut().boxes(), before.fitOut().boxes());
        if (come.isPresent() || gone.isPresent() || stays(before) != stays(after)) {
            was.addAll(of(gone, before));
            is.addAll(of(come, after));
        }
    }

    private static List<Trait> of(Optional<Enclosure> box, Rig rig) {
        return box.or(() -> rig.fitOut().boxes().stream().findFirst())
                .map(each -> KindTraits.of("box", each.kind()))
                .orElse(KindTraits.ofNone("box"));
    }

    private static long stays(Rig rig) {
        return rig.harness().packs().stream()
                .filter(pack -> rig.placeOf(pack.id())
                        .filter(place -> !place.comesOff())
                        .isPresent())
                .count();
    }
}
