package app.brightkeel.core.picture;

import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;

/**
 * The harness as a tree, to scale along the wire: thickness by gauge, fuses where they sit, volts at each point and
 * amperes in each wire at one moment.
 */
final class HarnessScene {

    /** Room for a symbol of fixed size before the words beside it. */
    private static final String BESIDE = "           ";

    /** Lines above a wire that clear the symbol at its end. */
    private static final double OVER_SYMBOL = -1.8;

    /** A wire shorter than this share of the reach has no room for words between its ends. */
    private static final double SHORT = 0.25;

    private final Line line;
    private final MomentState now;
    private final FeedState feed;
    private final Topology tree;
    private final HarnessLayout layout;
    private final Drawing drawing = new Drawing();

    private HarnessScene(Line line, MomentState now) {
        this.line = line;
        this.now = now;
        this.feed = now.feed();
        this.tree = feed.topology();
        layout = new HarnessLayout(line.rig(), tree);
    }

    static Outcome<Scene> of(Line line, Moment moment) {
        return MomentState.of(line, moment).map(now -> new HarnessScene(line, now).scene());
    }

    private Scene scene() {
        double reach = layout.reach();
        fuseLimit();
        for (int node = 0; node < tree.ids().size(); node++) {
            if (tree.segments().get(node) >= 0) {
                conductor(node);
            }
        }
        for (int node = 0; node < tree.ids().size(); node++) {
            if (tree.segments().get(node) >= 0) {
                segment(node);
            }
        }
        for (int node = 0; node < tree.ids().size(); node++) {
            node(node);
        }
        new HarnessGrips(line, tree, layout, drawing).add();
        Axis x = new Axis(
                Text.of("along the wire from the battery"),
                Unit.METRE,
                -0.2 * reach,
                1.38 * reach,
                false,
                Ticks.linear(0, reach, 5));
        Axis y = new Axis(Text.of(""), Unit.COUNT, -0.5 - 0.12, layout.rows() - 0.5 + 0.05, false, List.of());
        return new Scene(
                Text.of("The harness, to scale along the wire"),
                Text.of("line thickness by gauge · ").then(now.words()),
                new Frame.Plot(x, y),
                drawing.marks(),
                twin());
    }

    private Segment into(int node) {
        return line.rig().harness().segments().get(tree.segments().get(node));
    }

    private void fuseLimit() {
        double limit = Place.BARE_M;
        drawing.path(Role.LIMIT, 1, at(limit, -0.5), at(limit, layout.rows() - 0.5))
                .note(
                        Role.QUIET,
                        at(limit, -0.5),
                        Side.RIGHT,
                        -0.4,
                        " {}: first fuse by here, unless sheathed",
                        new Amount(limit, Unit.MILLIMETRE));
    }

    private void conductor(int node) {
        Point start = layout.spot(tree.parents().get(node));
        Point end = layout.spot(node);
        double area = into(node).wire().gauge().size().areaMm2();
        drawing.path(Role.CONDUCTOR, 1.2 * Math.sqrt(area / 0.2), start, at(start.x(), end.y()), end);
    }

    private void segment(int node) {
        Segment segment = into(node);
        Point start = layout.spot(tree.parents().get(node));
        Point end = layout.spot(node);
        double area = segment.wire().gauge().size().areaMm2();
        boolean branch = tree.devices().get(node) >= 0;
        Text words = Text.of(
                branch ? "  {}, {}, {}" : "{}, {}, {}",
                segment.name(),
                new Amount(segment.wire().lengthM().value(), Unit.METRE),
                new Amount(area, Unit.WIRE));
        if (now.point().exists()) {
            double amps = Math.abs(now.point().amps().get(node));
            words = words.then(Text.of(", {}", new Amount(amps, Unit.AMPERE)));
        }
        if (!branch && cramped(node)) {
            drawing.note(Role.LABEL, start, Side.RIGHT, 4.2, words);
        } else {
            drawing.note(
                    Role.LABEL,
                    branch ? at(start.x(), end.y()) : at((start.x() + end.x()) / 2, end.y()),
                    branch ? Side.RIGHT : Side.MIDDLE,
                    branch ? OVER_SYMBOL : -0.8,
                    words);
        }
        fittings(segment, start, end);
    }

    private boolean cramped(int node) {
        double length = layout.along(node) - layout.along(tree.parents().get(node));
        return Math.abs(length) < SHORT * layout.reach();
    }

    private void fittings(Segment segment, Point start, Point end) {
        for (int f = 0; f < segment.fittings().size(); f++) {
            Fitting fitting = segment.fittings().get(f);
            Point here = at(HarnessLayout.placeOf(segment, f, start, end), end.y());
            if (fitting instanceof Fitting.Fuse fuse) {
                Object rating =
                        fuse.ratingA().isSet() ? new Amount(fuse.ratingA().value(), Unit.RATING) : "? A";
                drawing.spot(Role.FUSE, here).note(Role.LABEL, here, Side.RIGHT, 1.5, " {}", rating);
            } else {
                drawing.spot(fitting instanceof Fitting.Switch ? Role.SWITCH : Role.JOINT, here)
                        .note(Role.QUIET, here, Side.MIDDLE, 1.5, "{}", fitting.name());
            }
        }
    }

    private void node(int node) {
        int device = tree.devices().get(node);
        int pack = tree.packs().get(node);
        Point here = layout.spot(node);
        if (device >= 0) {
            device(line.rig().devices().get(device), device, here);
        } else if (pack >= 0) {
            drawing.spot(Role.PACK, here).note(Role.LABEL, here, Side.LEFT, -2.6, "{}  ", layout.nameOf(node));
            volts(node, here, Side.LEFT, 2.4);
        } else if (layout.waits(node)) {
            drawing.spot(Role.PACK, here)
                    .note(Role.QUIET, here, Side.LEFT, -2.6, "{}, not joined  ", layout.nameOf(node));
        } else {
            drawing.spot(Role.JUNCTION, here);
            boolean cramped = cramped(node);
            volts(node, here, cramped ? Side.RIGHT : Side.LEFT, cramped ? 2.8 : 1.4);
        }
    }

    private void device(Device device, int place, Point here) {
        boolean off = now.watts().get(place) == 0;
        Outcome<Double> volts = feed.deviceVolts(place, now.point());
        double least = device.limits().minV().value();
        boolean starved = !off && (!volts.isKnown() || volts.value() < least);
        drawing.spot(starved ? Role.DEVICE_STARVED : Role.DEVICE, here)
                .note(off ? Role.QUIET : Role.LABEL, here, Side.RIGHT, -0.7, BESIDE + "{}", device.name());
        if (!volts.isKnown()) {
            drawing.note(Role.MISSING, here, Side.RIGHT, 0.4, BESIDE + "volts collapse");
        } else {
            drawing.note(
                    starved ? Role.MISSING : Role.LABEL,
                    here,
                    Side.RIGHT,
                    0.4,
                    off ? BESIDE + "off, {}" : BESIDE + "{}",
                    volt(volts.value()));
        }
        drawing.note(Role.QUIET, here, Side.RIGHT, 1.5, BESIDE + "needs {}", volt(least));
    }

    private void volts(int node, Point here, Side side, double lines) {
        if (now.point().exists()) {
            drawing.note(
                    Role.LABEL,
                    here,
                    side,
                    lines,
                    side == Side.LEFT ? "{}  " : "  {}",
                    volt(now.point().volts().get(node)));
        }
    }

    private static Amount volt(double volts) {
        return new Amount(volts, Unit.VOLT);
    }

    private Twin twin() {
        List<List<Text>> all = new ArrayList<>();
        for (int node = 0; node < tree.ids().size(); node++) {
            all.add(List.of(
                    Text.of("{}", layout.nameOf(node)),
                    Text.of(layout.along(node), Unit.METRE),
                    at(now.point(), node),
                    now.point().exists() && !layout.waits(node)
                            ? Text.of(now.point().amps().get(node), Unit.AMPERE)
                            : Text.of("–"),
                    lost(node),
                    at(feed.full(), node),
                    at(feed.mean(), node),
                    at(feed.empty(), node)));
        }
        return new Twin(
                List.of(
                        "point",
                        "along the wire",
                        "now",
                        "into it",
                        "lost on the way",
                        "pack full",
                        "pack at its mean",
                        "nearly empty"),
                all);
    }

    /** Heat in the wire into a point and what sits in it. */
    private Text lost(int node) {
        if (!now.point().exists() || tree.segments().get(node) < 0) {
            return Text.of("–");
        }
        double amps = now.point().amps().get(node);
        return Text.of(amps * amps * feed.ohms().get(tree.segments().get(node)), Unit.WATT);
    }

    private Text at(FeedState.Point point, int node) {
        if (layout.waits(node)) {
            return Text.of("not joined");
        }
        return point.exists() ? Text.of(point.volts().get(node), Unit.VOLT) : Text.of("collapses");
    }

    private static Point at(double x, double y) {
        return Drawing.at(x, y);
    }
}
