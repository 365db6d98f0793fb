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
import app.brightkeel.core.review.Trait;
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

    /** Lengths that are worth a word; common practice, no source [m]. */
    private static final double WORTH_M = 0.1;

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
        Outcome<Routes> after = changed.get(RouteStage.STAGE);
        if (!after.isKnown()) {
            return Merit.NONE;
        }
        LayingSummary laid = LayingSummary.of(changed.rig(), after.value());
        double counts = laid.metres() + CROSSING_M * laid.crossings() + HOLE_M * laid.holes();
        Outcome<Routes> before = planned.get(RouteStage.STAGE);
        List<Trait> was = before.isKnown() ? traits(LayingSummary.of(planned.rig(), before.value())) : List.of();
        return new Merit(-counts, notes(laid), was, traits(laid));
    }

    private static List<Text> notes(LayingSummary it) {
        Text laid = Text.of(
                "{} of cable in all, {} {}, {} {}.",
                new Amount(it.metres(), Unit.METRE),
                it.holes(),
                it.holes() == 1 ? "hole" : "holes",
                it.crossings(),
                it.crossings() == 1 ? "crossing" : "crossings");
        Text spare = Text.of(
                it.spareM() < 0 ? "The tightest is {} short." : "The tightest has {} to spare.",
                new Amount(Math.abs(it.spareM()), Unit.METRE));
        return List.of(laid, spare);
    }

    private static List<Trait> traits(LayingSummary it) {
        return List.of(
                new Trait.Counted(
                        "spare length",
                        new Amount(it.spareM(), Unit.METRE),
                        true,
                        WORTH_M,
                        "{} more to spare",
                        "{} less to spare"),
                new Trait.Counted(
                        "holes",
                        new Amount(it.holes(), Unit.COUNT),
                        false,
                        1,
                        "holes to drill: {} more",
                        "holes to drill: {} fewer"),
                new Trait.Counted(
                        "crossings",
                        new Amount(it.crossings(), Unit.COUNT),
                        false,
                        1,
                        "crossings of moving parts: {} more",
                        "crossings of moving parts: {} fewer"),
                new Trait.Counted(
                        "cable in all",
                        new Amount(it.metres(), Unit.METRE),
                        false,
                        WORTH_M,
                        "{} more cable to lay",
                        "{} less cable to lay"),
                new Trait.Counted(
                        "supply beside sonar",
                        new Amount(Math.max(0, it.besideM()), Unit.METRE),
                        false,
                        SupplyBesideSonar.CROSSING_M,
                        "supply beside sonar over {} more",
                        "supply beside sonar over {} less"));
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
