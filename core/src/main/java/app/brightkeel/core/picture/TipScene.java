package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.craft.MassAt;
import app.brightkeel.core.layout.CarryNeeds;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.layout.Tip;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Craft;
import java.util.ArrayList;
import java.util.List;

/** What stands on the ice, seen along the edge over which it would tip: every weight with its arm about that edge. */
final class TipScene {

    private static final double RADIUS_OF_KG = 0.025;
    private static final double ROOM_M = 0.08;
    private static final double RUNG_M = 0.035;

    /** What a base stands behind its edge by less is not drawn. */
    private static final double SEEN_M = 0.002;

    private final Craft craft;
    private final CarryNeeds.Base base;
    private final Tip tip;
    private final Drawing drawing = new Drawing();

    private TipScene(Craft craft, CarryNeeds.Base base, Tip tip) {
        this.craft = craft;
        this.base = base;
        this.tip = tip;
    }

    /** Of what stands on the ice; a craft that floats has none, and misses nothing. */
    static List<Outcome<Scene>> of(Line line) {
        Outcome<CarryNeeds> needs = line.needs(CarryStage.STAGE);
        if (!needs.isKnown()
                || needs.value().base().isEmpty()
                || !line.rig().craft().depthM().isSet()) {
            return List.of();
        }
        Tip tip = line.get(CarryStage.STAGE).value().tip().orElseThrow();
        return List.of(Outcome.known(
                new TipScene(line.rig().craft(), needs.value().base().get(), tip).scene()));
    }

    /** What is inside the edge is to the right, outside to the left. */
    private double inside(MassAt thing) {
        return tip.insideM(thing.xM(), thing.yM());
    }

    private Scene scene() {
        double[] own = tip.baseM(craft);
        double near = Math.max(0, own[0]);
        double across = own[own.length - 1];
        double tall = craft.depthM().value();
        List<MassAt> all = base.masses(tall);
        double left = Math.min(0, all.stream().mapToDouble(this::inside).min().orElse(0)) - ROOM_M;
        double top = Math.max(tall, all.stream().mapToDouble(MassAt::zM).max().orElse(tall)) + 2 * ROOM_M;
        double bottom = -RUNG_M * (all.size() + 1) - ROOM_M;
        drawing.box(Role.HULL, near, 0, across, tall).path(Role.WATERLINE, 1, at(left, 0), at(across + ROOM_M, 0));
        if (near > SEEN_M) {
            drawing.path(Role.PART, 2, at(0, 0), at(near, tall))
                    .note(Role.QUIET, at(0, 0), Side.LEFT, -0.5, "kickstand  ");
        }
        drawing.path(Role.WANTED, 3, at(0, -RUNG_M / 3), at(0, RUNG_M / 2));
        for (int i = 0; i < all.size(); i++) {
            arm(all.get(i), -RUNG_M * (i + 1));
        }
        return new Scene(
                Text.of("What tips it"),
                tip.nothingOver()
                        ? Text.of("about the {} edge: nothing hangs out over it", tip.side())
                        : Text.of(
                                "about the {} edge: {} times as much holds it as tips it; {} are wanted",
                                tip.side(),
                                new Amount(tip.margin(), Unit.TIMES),
                                new Amount(Tip.WANTED, Unit.TIMES)),
                Frame.ToScale.of(at(left, bottom), at(across + ROOM_M, top)),
                drawing.marks(),
                new Twin(List.of("what", "mass", "inside the edge", "moment, kg·m"), rows(all)));
    }

    private void arm(MassAt thing, double y) {
        double x = inside(thing);
        boolean tips = x < 0;
        Point place = at(x, thing.zM());
        drawing.circle(Role.MASS, place, RADIUS_OF_KG * Math.sqrt(thing.kg()))
                .path(Role.QUIET, 0.7, place, at(x, y))
                .path(tips ? Role.MISSING : Role.CURVE, 1, at(0, y), at(x, y))
                .note(
                        tips ? Role.MISSING : Role.QUIET,
                        at(Math.max(x, 0), y),
                        Side.RIGHT,
                        0.3,
                        "  {}: {} × {}",
                        thing.what(),
                        new Amount(thing.kg(), Unit.KILOGRAM),
                        new Amount(Math.abs(x), Unit.METRE));
    }

    private List<List<Text>> rows(List<MassAt> all) {
        List<List<Text>> rows = new ArrayList<>();
        for (MassAt thing : all) {
            double arm = inside(thing);
            rows.add(List.of(
                    Text.of("{}", thing.what()),
                    Text.of(thing.kg(), Unit.KILOGRAM),
                    Text.of(arm, Unit.METRE),
                    Text.of(thing.kg() * arm, Unit.FACTOR)));
        }
        return rows;
    }
}
