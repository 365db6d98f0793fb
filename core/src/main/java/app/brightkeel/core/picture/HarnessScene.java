package app.brightkeel.core.picture;

import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.circuit.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;

/**
 * The harness as a tree, to scale along the wire: thickness by gauge, fuses where they sit, volts at each point and
 * amperes in each wire at one moment. Its pieces can be chosen, dragged onto each other, stretched and taken out.
 */
final class HarnessScene {

    /** Room for a symbol of fixed size before the words beside it. */
    private static final String BESIDE = "           ";

    /** Lines above a wire that clear the symbol at its end. */
    private static final double OVER_SYMBOL = -1.8;

    /** Half height of what can be pointed at, in rows; half width of a symbol, as a share of the reach. */
    private static final double GRIP_ROWS = 0.14;

    private static final double GRIP_SHARE = 0.03;

    /** Handles stand beside the symbols: before a point's, above a fuse's. */
    private static final double BEFORE_SHARE = 0.07;

    private static final double ABOVE_ROWS = 0.16;

    private static final double SHORTEST_M = 0.05;
    private static final String HANG = "wire.hang.";
    private static final String MOVE = "wire.move.";
    private static final String PUT_IN = "wire.in.";

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
        // what can be pointed at lies above all that is drawn, small things above long ones
        for (int node = 0; node < tree.ids().size(); node++) {
            if (tree.segments().get(node) >= 0) {
                wireGrip(node);
            }
        }
        for (int node = 0; node < tree.ids().size(); node++) {
            pointGrip(node);
        }
        for (int node = 0; node < tree.ids().size(); node++) {
            if (tree.segments().get(node) >= 0) {
                handles(node, reach);
            }
        }
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
        double limit = FuseDuty.BARE_M;
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
        drawing.note(
                Role.LABEL,
                branch ? at(start.x(), end.y()) : at((start.x() + end.x()) / 2, end.y()),
                branch ? Side.RIGHT : Side.MIDDLE,
                branch ? OVER_SYMBOL : -0.8,
                words);
        fittings(segment, start, end);
    }

    private void fittings(Segment segment, Point start, Point end) {
        for (int f = 0; f < segment.fittings().size(); f++) {
            Fitting fitting = segment.fittings().get(f);
            Point here = at(placeOf(segment, f, start, end), end.y());
            if (fitting instanceof Fitting.Fuse fuse) {
                drawing.spot(Role.FUSE, here)
                        .note(
                                Role.LABEL,
                                here,
                                Side.MIDDLE,
                                1.5,
                                "{}",
                                new Amount(fuse.ratingA().value(), Unit.RATING));
            } else {
                drawing.spot(fitting instanceof Fitting.Switch ? Role.SWITCH : Role.JOINT, here)
                        .note(Role.QUIET, here, Side.MIDDLE, 1.5, "{}", fitting.name());
            }
        }
    }

    /** A fuse sits where it sits; others have no measured place and share the wire evenly. */
    private static double placeOf(Segment segment, int f, Point start, Point end) {
        double length = end.x() - start.x();
        return segment.fittings().get(f) instanceof Fitting.Fuse fuse
                ? start.x() + Math.min(fuse.atM().orAssume(0).value(), length)
                : start.x() + length * (f + 1) / (segment.fittings().size() + 1);
    }

    private void node(int node) {
        int device = tree.devices().get(node);
        int pack = tree.packs().get(node);
        Point here = layout.spot(node);
        if (device >= 0) {
            device(line.rig().devices().get(device), device, here);
        } else if (pack >= 0) {
            drawing.spot(Role.PACK, here).note(Role.LABEL, here, Side.LEFT, -2.6, "{}  ", nameOf(pack));
            volts(node, here, 2.4);
        } else {
            drawing.spot(Role.JUNCTION, here);
            volts(node, here, 1.4);
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

    /** Packs in series by all their names. */
    private String nameOf(int source) {
        return String.join(
                " + ",
                tree.sources().get(source).stream()
                        .map(member -> line.rig().harness().packs().get(member).name())
                        .toList());
    }

    private void volts(int node, Point here, double lines) {
        if (now.point().exists()) {
            drawing.note(
                    Role.LABEL,
                    here,
                    Side.LEFT,
                    lines,
                    "{}  ",
                    volt(now.point().volts().get(node)));
        }
    }

    private static Amount volt(double volts) {
        return new Amount(volts, Unit.VOLT);
    }

    private void wireGrip(int node) {
        Segment segment = into(node);
        Point start = layout.spot(tree.parents().get(node));
        Point end = layout.spot(node);
        drawing.element(
                segment.id(),
                HANG + segment.id() + ".",
                List.of(MOVE, PUT_IN),
                at(Math.min(start.x(), end.x()), end.y() - GRIP_ROWS),
                at(Math.max(start.x(), end.x()), end.y() + GRIP_ROWS),
                Text.of("{}", segment.name()));
        for (int f = 0; f < segment.fittings().size(); f++) {
            Fitting fitting = segment.fittings().get(f);
            Point here = at(placeOf(segment, f, start, end), end.y());
            grip(fitting.id(), MOVE + fitting.id() + ".", List.of(), here, fitting.name());
        }
    }

    private void pointGrip(int node) {
        int device = tree.devices().get(node);
        String carried = tree.segments().get(node) < 0 ? "" : HANG + into(node).id() + ".";
        if (device >= 0) {
            Device fed = line.rig().devices().get(device);
            grip(fed.id(), carried, List.of(), layout.spot(node), fed.name());
        } else {
            int pack = tree.packs().get(node);
            String id = tree.ids().get(node);
            String name = pack >= 0 ? nameOf(pack) : junction(id);
            grip(id, pack >= 0 ? "" : carried, List.of(HANG), layout.spot(node), name);
        }
    }

    private String junction(String id) {
        return line.rig().harness().junction(id).orElseThrow().name();
    }

    private void grip(String part, String drags, List<String> takes, Point here, String name) {
        double half = GRIP_SHARE * layout.reach();
        drawing.element(
                part,
                drags,
                takes,
                at(here.x() - half, here.y() - 1.4 * GRIP_ROWS),
                at(here.x() + half, here.y() + 1.4 * GRIP_ROWS),
                Text.of("{}", name));
    }

    /** A wire is stretched at its end, a fuse slid along it. */
    private void handles(int node, double reach) {
        Segment segment = into(node);
        int place = tree.segments().get(node);
        Point start = layout.spot(tree.parents().get(node));
        Point end = layout.spot(node);
        if (!layout.forwards(node)) {
            return;
        }
        double before = BEFORE_SHARE * reach;
        drawing.along(
                Pointer.segment(place, "wire/lengthM"),
                at(end.x() - before, end.y()),
                start.x() - before,
                SHORTEST_M,
                1.3 * reach - start.x(),
                Text.of("length of {}", segment.name()));
        for (int f = 0; f < segment.fittings().size(); f++) {
            if (segment.fittings().get(f) instanceof Fitting.Fuse fuse) {
                drawing.along(
                        Pointer.fitting(place, f, "atM"),
                        at(placeOf(segment, f, start, end), end.y() + ABOVE_ROWS),
                        start.x(),
                        0,
                        segment.wire().lengthM().value(),
                        Text.of("place of {}", fuse.name()));
            }
        }
    }

    private Twin twin() {
        List<List<Text>> all = new ArrayList<>();
        for (int node = 0; node < tree.ids().size(); node++) {
            int device = tree.devices().get(node);
            int pack = tree.packs().get(node);
            String name = device >= 0
                    ? line.rig().devices().get(device).name()
                    : pack >= 0 ? nameOf(pack) : junction(tree.ids().get(node));
            all.add(List.of(
                    Text.of("{}", name),
                    Text.of(layout.along(node), Unit.METRE),
                    at(now.point(), node),
                    now.point().exists() ? Text.of(now.point().amps().get(node), Unit.AMPERE) : Text.of("–"),
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

    private static Text at(FeedState.Point point, int node) {
        return point.exists() ? Text.of(point.volts().get(node), Unit.VOLT) : Text.of("collapses");
    }

    private static Point at(double x, double y) {
        return Drawing.at(x, y);
    }
}
