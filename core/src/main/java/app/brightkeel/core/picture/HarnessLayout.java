package app.brightkeel.core.picture;

import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;

/** Where the points of a harness stand in its picture: along the wire from the battery, a row for each branch. */
final class HarnessLayout {

    private static final double LEAST_REACH_M = 0.2;

    private final Rig rig;
    private final Topology tree;
    private final double[] along;
    private final double[] row;
    private int rows;

    HarnessLayout(Rig rig, Topology tree) {
        this.rig = rig;
        this.tree = tree;
        along = new double[tree.ids().size()];
        row = new double[along.length];
        for (int node = 0; node < along.length; node++) {
            int up = tree.parents().get(node);
            along[node] = up < 0 ? 0 : reach(node, up);
        }
        for (int node = 0; node < along.length; node++) {
            if (tree.parents().get(node) < 0) {
                arrange(node);
            }
        }
    }

    private double reach(int node, int up) {
        Segment segment = rig.harness().segments().get(tree.segments().get(node));
        double length = segment.wire().lengthM().value();
        // a further pack of a bank feeds back towards the battery end
        return forwards(node) ? along[up] + length : Math.max(0, along[up] - length);
    }

    /** Whether the wire to a node leads away from the first battery. */
    boolean forwards(int node) {
        Segment segment = rig.harness().segments().get(tree.segments().get(node));
        return segment.to().equals(tree.ids().get(node));
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

    Point spot(int node) {
        return Drawing.at(along[node], row[node]);
    }

    /** Along the wire [m]. */
    double along(int node) {
        return along[node];
    }

    /** Whether a pack stands at a point that feeds nothing now: it waits to be used instead. */
    boolean waits(int node) {
        return tree.packs().get(node) < 0
                && rig.harness().packs().stream()
                        .anyMatch(pack -> pack.id().equals(tree.ids().get(node)));
    }

    /** What stands at a point: a device, packs in series by all their names, a pack that waits, or where wires meet. */
    String nameOf(int node) {
        int source = tree.packs().get(node);
        return source < 0
                ? rig.nameOfPoint(tree.ids().get(node))
                : String.join(
                        " + ",
                        tree.sources().get(source).stream()
                                .map(member -> rig.harness().packs().get(member).name())
                                .toList());
    }

    /** How far the farthest point is, at least a little [m]. */
    double reach() {
        double reach = LEAST_REACH_M;
        for (double x : along) {
            reach = Math.max(reach, x);
        }
        return reach;
    }

    int rows() {
        return Math.max(rows, 1);
    }

    /** Where a fitting is drawn: a fuse where it sits; others have no measured place and share the wire evenly. */
    static double placeOf(Segment segment, int f, Point start, Point end) {
        double length = end.x() - start.x();
        return segment.fittings().get(f) instanceof Fitting.Fuse fuse
                ? start.x() + Math.min(fuse.atM().orAssume(0).value(), length)
                : start.x() + length * (f + 1) / (segment.fittings().size() + 1);
    }
}
