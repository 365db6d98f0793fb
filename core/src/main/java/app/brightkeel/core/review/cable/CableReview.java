package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.route.HoleStage;
import app.brightkeel.core.route.LayingSummary;
import app.brightkeel.core.route.LayingWorking;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import app.brightkeel.core.route.SupplyBesideSonar;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The Cable link: what is left of the cable with the least to spare; other ways through the craft beside. */
public final class CableReview implements LinkReview {

    /** What a crossing and a hole count for against metres of cable, among what is judged alike. */
    private static final double CROSSING_M = 2;

    private static final double HOLE_M = 1;

    @Override
    public Link link() {
        return Link.CABLE;
    }

    @Override
    public Outcome<Text> number(Line line) {
        return line.get(RouteStage.STAGE).map(routes -> {
            double spare = routes.tightest().spareM();
            Amount size = new Amount(Math.abs(spare), Unit.METRE);
            if (spare < 0) {
                return Text.of("{} short", size);
            }
            long holes = routes.holes();
            if (holes == 0) {
                return Text.of("{} spare", size);
            }
            return Text.of("{} spare · {} {}", size, holes, holes == 1 ? "hole" : "holes");
        });
    }

    @Override
    public List<Working> workings(Line line) {
        List<Working> all = new ArrayList<>();
        all.add(RouteStage.STAGE.working(line));
        Outcome<Routes> routes = line.get(RouteStage.STAGE);
        if (routes.isKnown()) {
            all.add(HoleStage.STAGE.working(line));
            all.add(LayingWorking.coils(line, routes.value()));
            all.add(LayingWorking.steps(line, routes.value()));
            all.add(LayingWorking.together(line, routes.value()));
        }
        return all;
    }

    @Override
    public Text planned(Line line) {
        Rig rig = line.rig();
        return Text.of(rig.transducers().stream()
                .flatMap(t -> rig.runOf(t.id()).stream())
                .map(run -> CableChanges.by(legs(rig, run)))
                .findFirst()
                .orElse("no way yet"));
    }

    private static List<Passage> legs(Rig rig, Run run) {
        return run.legs().stream()
                .map(leg -> rig.craft().passage(leg).orElseThrow())
                .toList();
    }

    @Override
    public Merit merit(Line planned, Line changed) {
        Outcome<Routes> routes = changed.get(RouteStage.STAGE);
        return routes.isKnown() ? merit(LayingSummary.of(changed.rig(), routes.value())) : Merit.NONE;
    }

    private static Merit merit(LayingSummary it) {
        Amount metres = new Amount(it.metres(), Unit.METRE);
        Text laid = Text.of(
                "{} of cable in all, {} {}, {} {}.",
                metres,
                it.holes(),
                it.holes() == 1 ? "hole" : "holes",
                it.crossings(),
                it.crossings() == 1 ? "crossing" : "crossings");
        Text spare = Text.of(
                it.spareM() < 0 ? "The tightest is {} short." : "The tightest has {} to spare.",
                new Amount(Math.abs(it.spareM()), Unit.METRE));
        List<Text> reasons = new ArrayList<>(List.of(laid, spare));
        if (it.besideM() > SupplyBesideSonar.CROSSING_M) {
            reasons.add(Text.of("Supply beside sonar over {}.", new Amount(it.besideM(), Unit.METRE)));
        }
        List<Measure> measures = List.of(
                new Measure("spare length", new Amount(it.spareM(), Unit.METRE), true),
                new Measure("holes", new Amount(it.holes(), Unit.COUNT), false),
                new Measure("crossings", new Amount(it.crossings(), Unit.COUNT), false),
                new Measure("cable in all", metres, false));
        double counts = it.metres() + CROSSING_M * it.crossings() + HOLE_M * it.holes();
        return new Merit(-counts, reasons, measures);
    }

    @Override
    public Map<String, ChangeKind> kinds() {
        return CableKinds.ALL;
    }

    @Override
    public List<Change> alternatives(Line line) {
        return CableChanges.all(line);
    }
}
