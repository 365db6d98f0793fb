package app.brightkeel.core.picture;

import app.brightkeel.core.circuit.Feed;
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
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;

/** The harness as a tree, to scale along the wire: thickness by gauge, fuses where they sit, volts at each node. */
final class HarnessScene {

    /** Room for a symbol of fixed size before the words beside it. */
    private static final String BESIDE = "           ";

    /** Lines above a wire that clear the symbol at its end. */
    private static final double OVER_SYMBOL = -1.8;

    private final Line line;
    private final FeedState feed;
    private final Topology tree;
    private final double[] along;
    private final double[] row;
    private final Drawing drawing = new Drawing();
    private int rows;

    private HarnessScene(Line line, FeedState feed) {
        this.line = line;
        this.feed = feed;
        this.tree = feed.topology();
        along = new double[tree.ids().size()];
        row = new double[along.length];
    }

    static Outcome<Scene> of(Line line) {
        return line.get(Feed.STAGE).map(feed -> new HarnessScene(line, feed).scene());
    }

    private Scene scene() {
        place();
        double reach = 0.2;
        for (double x : along) {
            reach = Math.max(reach, x);
        }
        double low = -0.2 * reach;
        double high = 1.38 * reach;
        fuseLimit();
        for (int node = 0; node < along.length; node++) {
            if (tree.segments().get(node) >= 0) {
                segment(node);
            }
        }
        for (int node = 0; node < along.length; node++) {
            node(node);
        }
        Axis x = new Axis(
                Text.of("along the wire from the battery"), Unit.METRE, low, high, false, Ticks.linear(0, reach, 5));
        Axis y = new Axis(Text.of(""), Unit.COUNT, -0.5 - 0.12, Math.max(rows, 1) - 0.5 + 0.05, false, List.of());
        return new Scene(
                Text.of("The harness, to scale along the wire"),
                Text.of("line thickness by gauge · volts at full brightness, from a full and from a nearly empty pack"),
                new Frame.Plot(x, y),
                drawing.marks(),
                twin());
    }

    private void place() {
        for (int node = 0; node < along.length; node++) {
            int up = tree.parents().get(node);
            int place = tree.segments().get(node);
            along[node] = up < 0 ? 0 : reach(node, up, place);
        }
        for (int node = 0; node < along.length; node++) {
            if (tree.parents().get(node) < 0) {
                arrange(node);
            }
        }
    }

    private double reach(int node, int up, int place) {
        Segment segment = line.rig().harness().segments().get(place);
        double length = segment.wire().lengthM().value();
        // a further pack of a bank feeds back towards the battery end
        return segment.to().equals(tree.ids().get(node)) ? along[up] + length : Math.max(0, along[up] - length);
    }

    private double arrange(int node) {
        double sum = 0;
        int children = 0;
        for (int child = node + 1; child < along.length; child++) {
            if (tree.parents().get(child) == node) {
                sum += arrange(child);
                children++;
            }
        }
        row[node] = children == 0 ? rows++ : sum / children;
        return row[node];
    }

    private Point spot(int node) {
        return at(along[node], row[node]);
    }

    private void fuseLimit() {
        double limit = FuseDuty.BARE_M;
        drawing.path(Role.LIMIT, 1, at(limit, -0.5), at(limit, Math.max(rows, 1) - 0.5))
                .note(
                        Role.QUIET,
                        at(limit, -0.5),
                        Side.RIGHT,
                        -0.4,
                        " {}: first fuse by here, unless sheathed",
                        new Amount(limit, Unit.MILLIMETRE));
    }

    private void segment(int node) {
        Segment segment = line.rig().harness().segments().get(tree.segments().get(node));
        Point start = spot(tree.parents().get(node));
        Point end = spot(node);
        double area = segment.wire().gauge().size().areaMm2();
        boolean branch = tree.devices().get(node) >= 0;
        drawing.path(Role.CONDUCTOR, 1.2 * Math.sqrt(area / 0.2), start, at(start.x(), end.y()), end)
                .note(
                        Role.LABEL,
                        branch ? at(start.x(), end.y()) : at((start.x() + end.x()) / 2, end.y()),
                        branch ? Side.RIGHT : Side.MIDDLE,
                        branch ? OVER_SYMBOL : -0.8,
                        branch ? "  {}, {}, {}" : "{}, {}, {}",
                        segment.name(),
                        new Amount(segment.wire().lengthM().value(), Unit.METRE),
                        new Amount(area, Unit.WIRE));
        fittings(segment, start, end);
    }

    private void fittings(Segment segment, Point start, Point end) {
        List<Fitting> fittings = segment.fittings();
        double length = end.x() - start.x();
        for (int f = 0; f < fittings.size(); f++) {
            Fitting fitting = fittings.get(f);
            if (fitting instanceof Fitting.Fuse fuse) {
                double x = start.x() + Math.min(fuse.atM().orAssume(0).value(), length);
                drawing.spot(Role.FUSE, at(x, end.y()))
                        .note(
                                Role.LABEL,
                                at(x, end.y()),
                                Side.MIDDLE,
                                1.5,
                                "{}",
                                new Amount(fuse.ratingA().value(), Unit.RATING));
            } else {
                Role role = fitting instanceof Fitting.Switch ? Role.SWITCH : Role.JOINT;
                double x = start.x() + length * (f + 1) / (fittings.size() + 1);
                drawing.spot(role, at(x, end.y()))
                        .note(Role.QUIET, at(x, end.y()), Side.MIDDLE, 1.5, "{}", fitting.name());
            }
        }
    }

    private void node(int node) {
        int device = tree.devices().get(node);
        int pack = tree.packs().get(node);
        Point here = spot(node);
        if (device >= 0) {
            device(line.rig().devices().get(device), device, here);
        } else if (pack >= 0) {
            drawing.spot(Role.PACK, here).note(Role.LABEL, here, Side.LEFT, -2.6, "{}  ", nameOf(pack));
            volts(node, here, Side.RIGHT, 4.4);
        } else {
            drawing.spot(Role.JUNCTION, here);
            volts(node, here, Side.LEFT, 1.4);
        }
    }

    private void device(Device device, int place, Point here) {
        Outcome<Double> empty = feed.deviceVolts(place, feed.empty());
        double least = device.limits().minV().value();
        boolean starved = !empty.isKnown() || empty.value() < least;
        drawing.spot(starved ? Role.DEVICE_STARVED : Role.DEVICE, here)
                .note(Role.LABEL, here, Side.RIGHT, -0.7, BESIDE + "{}", device.name());
        if (empty.isKnown()) {
            drawing.note(
                    starved ? Role.MISSING : Role.LABEL,
                    here,
                    Side.RIGHT,
                    0.4,
                    BESIDE + "{} nearly empty",
                    volt(empty.value()));
        } else {
            drawing.note(Role.MISSING, here, Side.RIGHT, 0.4, BESIDE + "volts collapse");
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

    private void volts(int node, Point here, Side side, double lines) {
        if (feed.empty().exists() && feed.full().exists()) {
            drawing.note(
                    Role.QUIET,
                    here,
                    side,
                    lines,
                    "{} full, {} nearly empty",
                    volt(feed.full().volts().get(node)),
                    volt(feed.empty().volts().get(node)));
        }
    }

    private static Amount volt(double volts) {
        return new Amount(volts, Unit.VOLT);
    }

    private Twin twin() {
        List<List<Text>> all = new ArrayList<>();
        for (int node = 0; node < along.length; node++) {
            int device = tree.devices().get(node);
            int pack = tree.packs().get(node);
            String name = device >= 0
                    ? line.rig().devices().get(device).name()
                    : pack >= 0 ? nameOf(pack) : "junction " + tree.ids().get(node);
            all.add(List.of(
                    Text.of("{}", name),
                    Text.of(along[node], Unit.METRE),
                    at(feed.full(), node),
                    at(feed.mean(), node),
                    at(feed.empty(), node)));
        }
        return new Twin(List.of("point", "along the wire", "pack full", "pack at its mean", "nearly empty"), all);
    }

    private static Text at(FeedState.Point point, int node) {
        return point.exists() ? Text.of(point.volts().get(node), Unit.VOLT) : Text.of("collapses");
    }

    private static Point at(double x, double y) {
        return Drawing.at(x, y);
    }
}
