package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.craft.Aboard;
import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.MassAt;
import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.layout.Carried;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.layout.Footprint;
import app.brightkeel.core.layout.Tip;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import java.util.ArrayList;
import java.util.List;

/** What sits where, each mass a disc by its weight; how it heels, or over which edge it would tip. */
final class BalanceScene {

    /** Radius of one kilogram [m]; areas go with the masses. */
    private static final double RADIUS_OF_KG = 0.045;

    /** Where a counterweight is drawn, and from which heel on. */
    private static final double COUNTER_M = 0.30;

    private static final double LEAST_DEG = 0.2;

    /** Words beside a disc. */
    private static final double BESIDE_M = 0.015;

    /** So near the middle line things stand on it. */
    private static final double MIDDLE_M = 0.06;

    private final Carried carried;
    private final List<MassAt> things;

    /** Those that the craft carries: what hangs in the water off the ice is not among them. */
    private final List<MassAt> carriedThings;

    private final CraftDrawing on;
    private final Outline outline;
    private final Labels labels;
    private final boolean ice;
    private final Drawing drawing = new Drawing();

    /** Of things on the middle line. */
    private int turn;

    private final Line line;

    private BalanceScene(Line line, Carried carried, Outline outline) {
        this.line = line;
        this.carried = carried;
        this.outline = outline;
        things = Aboard.rigOnly(line.rig()).masses();
        carriedThings = Aboard.standing(line.rig()).masses();
        on = new CraftDrawing(line.rig().craft(), outline);
        ice = line.rig().craft().kind().onIce();
        labels = Labels.beside(
                on, outline, things.stream().mapToDouble(MassAt::yM).toArray());
    }

    static Outcome<Scene> of(Line line) {
        return Outcome.both(
                line.get(CarryStage.STAGE),
                Outline.of(line.rig().craft()),
                (carried, outline) -> new BalanceScene(line, carried, outline).scene());
    }

    private Scene scene() {
        on.hull(drawing);
        line.get(SeatStage.STAGE).map(Seated::areas).orElse(List.of()).forEach(area -> on.area(drawing, area));
        carried.afloat().ifPresent(this::afloat);
        carried.tip().ifPresent(this::tip);
        for (MassAt thing : things) {
            disc(thing, on.plan(thing.xM(), thing.yM()));
            if (carriedThings.contains(thing)) {
                drawing.circle(Role.MASS, on.side(thing.xM(), thing.yM(), thing.zM()), radius(thing));
            }
        }
        centre();
        counterweight();
        labels.draw(drawing);
        new LayoutGrips(line.rig(), on, drawing).add();
        return new Scene(
                Text.of("What sits where, and how it stands"),
                Text.of(
                        "{} · discs by mass · {} together, {} come off",
                        on.views(),
                        new Amount(carried.massKg(), Unit.KILOGRAM),
                        new Amount(carried.comesOffKg(), Unit.KILOGRAM)),
                on.frame(),
                drawing.marks(),
                new Twin(
                        List.of(
                                "thing",
                                "mass",
                                line.rig().craft().kind().front(),
                                "right of the middle",
                                "after the day"),
                        rows()));
    }

    private static double radius(MassAt thing) {
        return RADIUS_OF_KG * Math.sqrt(thing.kg());
    }

    /** Words stand on the outer side; those of things on the middle line go up and down by turns. */
    private void disc(MassAt thing, Point place) {
        boolean above = thing.yM() > MIDDLE_M || thing.yM() >= -MIDDLE_M && turn++ % 2 == 0;
        drawing.circle(Role.MASS, place, radius(thing));
        Text words = Text.of("{}, {}", thing.what(), new Amount(thing.kg(), Unit.KILOGRAM));
        if (ice) {
            // few things, and room beside them
            drawing.note(Role.LABEL, at(place.x() + radius(thing) + BESIDE_M, place.y()), Side.RIGHT, 0.3, words);
        } else {
            labels.add(Role.LABEL, place, words, above);
        }
    }

    private void centre() {
        double mass = carriedThings.stream().mapToDouble(MassAt::kg).sum();
        if (mass > 0) {
            double x = carriedThings.stream().mapToDouble(t -> t.kg() * t.xM()).sum() / mass;
            double y = carriedThings.stream().mapToDouble(t -> t.kg() * t.yM()).sum() / mass;
            Point key = on.foot();
            drawing.spot(Role.CENTRE, on.plan(x, y))
                    .note(Role.QUIET, key, Side.RIGHT, -1.7, "crossed ring: middle of the rig's mass");
        }
    }

    /** What would level it, on the other side, where it leans enough for a word. */
    private void counterweight() {
        Afloat it = carried.afloat().filter(Afloat::steady).orElse(null);
        if (it == null || Math.abs(Math.toDegrees(it.heelRad())) < LEAST_DEG || things.isEmpty()) {
            return;
        }
        double kg = Math.abs(it.sideKgM()) / COUNTER_M;
        double y = -Math.signum(it.sideKgM()) * COUNTER_M;
        Point place = on.plan(it.middleM(), y);
        drawing.circle(Role.GHOST, place, RADIUS_OF_KG * Math.sqrt(kg));
        labels.add(Role.QUIET, place, Text.of("{} here would level it", new Amount(kg, Unit.KILOGRAM)), y > 0);
    }

    private void afloat(Afloat it) {
        drawing.path(Role.WATERLINE, 1, at(0, it.waterM(0, 0)), at(outline.lengthM(), it.waterM(outline.lengthM(), 0)))
                .note(
                        Role.QUIET,
                        on.foot(),
                        Side.RIGHT,
                        -0.4,
                        it.steady() ? "{} aboard in all: {} {}, {} {}" : "{} aboard in all: tender{}{}{}{}",
                        new Amount(it.massKg(), Unit.KILOGRAM),
                        it.steady() ? new Amount(Math.abs(Math.toDegrees(it.heelRad())), Unit.DEGREE) : "",
                        it.steady() ? (it.heelRad() < 0 ? "to the left" : "to the right") : "",
                        it.steady() ? new Amount(Math.abs(Math.toDegrees(it.trimRad())), Unit.DEGREE) : "",
                        it.steady() ? (it.trimRad() < 0 ? "bow down" : "bow up") : "");
    }

    private void tip(Tip tip) {
        if (tip.nothingOver()) {
            drawing.note(Role.QUIET, on.foot(), Side.RIGHT, -0.4, "nothing hangs out over an edge");
            return;
        }
        Footprint.Corner from = tip.from();
        Footprint.Corner to = tip.to();
        // an edge of a round base is a tangent
        double edgeM = Math.hypot(to.xM() - from.xM(), to.yM() - from.yM());
        double longer = Math.max(0, outline.halfM() / edgeM - 1) / 2;
        double x = longer * (to.xM() - from.xM());
        double y = longer * (to.yM() - from.yM());
        drawing.path(Role.WANTED, 2.5, on.plan(from.xM() - x, from.yM() - y), on.plan(to.xM() + x, to.yM() + y))
                .note(
                        Role.QUIET,
                        on.foot(),
                        Side.RIGHT,
                        -0.4,
                        "about the {} edge what holds it down is {} times what tips it",
                        tip.side(),
                        new Amount(tip.margin(), Unit.TIMES));
    }

    private List<List<Text>> rows() {
        List<List<Text>> rows = new ArrayList<>();
        for (MassAt thing : things) {
            rows.add(List.of(
                    Text.of("{}", thing.what()),
                    Text.of(thing.kg(), Unit.KILOGRAM),
                    Text.of(thing.xM(), Unit.METRE),
                    Text.of(thing.yM(), Unit.METRE),
                    Text.of(carried.comesOff().contains(thing.what()) ? "comes off" : "stays")));
        }
        return rows;
    }
}
