package app.brightkeel.core.review.carry;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.enclosure.Cutting;
import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.fastening.FasteningWorking;
import app.brightkeel.core.layout.Carried;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.layout.TakeOffWorking;
import app.brightkeel.core.layout.Tip;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.pack.PackMass;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.change.carry.ArrangeChanges;
import app.brightkeel.core.review.change.carry.BallastChanges;
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.review.change.carry.CarryUnits;
import app.brightkeel.core.review.change.carry.LayoutChanges;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The Carry link: mass, and heel or tip margin; other places for battery and display beside. */
public final class CarryReview implements LinkReview {

    /** Tip margin from which its figure says no more than that it stands. */
    private static final double PLENTY = 100;

    @Override
    public Link link() {
        return Link.CARRY;
    }

    @Override
    public Outcome<Text> number(Line line) {
        boolean unsure = PackMass.inDoubt(line.rig());
        return line.get(CarryStage.STAGE).map(carried -> unsure ? unsure(carried) : words(carried));
    }

    /** How it lies is not said to a tenth of a degree where a battery weighs what it cannot. */
    private static Text unsure(Carried carried) {
        return Text.of("{} · a mass in doubt", new Amount(carried.massKg(), Unit.KILOGRAM));
    }

    private static Text words(Carried carried) {
        Amount mass = new Amount(carried.massKg(), Unit.KILOGRAM);
        if (carried.tip().isPresent()) {
            Tip tip = carried.tip().get();
            return tip.margin() >= PLENTY
                    ? Text.of("{} · stands", mass)
                    : Text.of("{} · × {}", mass, new Amount(tip.margin(), Unit.TIMES));
        }
        Afloat afloat = carried.afloat().orElseThrow();
        if (afloat.goesOver()) {
            return Text.of("{} · goes over", mass);
        }
        return afloat.steady()
                ? Text.of("{} · {}", mass, new Amount(Math.abs(Math.toDegrees(afloat.heelRad())), Unit.DEGREE))
                : Text.of("{} · tender", mass);
    }

    @Override
    public List<Working> workings(Line line) {
        List<Working> all = new ArrayList<>(
                List.of(CarryStage.STAGE.working(line), FitStage.STAGE.working(line), TakeOffWorking.of(line)));
        all.addAll(ShutBox.workings(line));
        all.addAll(FasteningWorking.of(line));
        if (!line.rig().fitOut().boards().parts().isEmpty()) {
            all.add(Cutting.STAGE.working(line));
        }
        return all;
    }

    @Override
    public Text planned(Line line) {
        Rig rig = line.rig();
        List<String> places = rig.places().stream()
                .map(place -> rig.craft().station(place.station()).orElseThrow().name())
                .distinct()
                .toList();
        return Text.of(places.isEmpty() ? "no places yet" : String.join(", ", places));
    }

    @Override
    public Merit merit(Line planned, Line changed) {
        return CarryMerit.of(planned, changed);
    }

    @Override
    public Map<String, ChangeKind> kinds() {
        return CarryKinds.ALL;
    }

    @Override
    public List<Change> alternatives(Line line) {
        return Stream.of(
                        CarryChanges.places(line),
                        ArrangeChanges.all(line),
                        CarryUnits.all(line),
                        CarryUnits.sold(line),
                        BallastChanges.level(line),
                        BallastChanges.steady(line),
                        BallastChanges.stands(line),
                        LayoutChanges.arms(line))
                .flatMap(changes -> changes)
                .toList();
    }
}
