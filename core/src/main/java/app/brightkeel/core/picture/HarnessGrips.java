package app.brightkeel.core.picture;

import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Segment;
import java.util.List;

/** What of a drawn harness can be chosen, dragged onto each other, stretched, slid and taken out. */
final class HarnessGrips {

    /** Half height of what can be pointed at, as a share of all rows, and at most in rows. */
    private static final double GRIP_SHARE_OF_ROWS = 0.035;

    private static final double MOST_ROWS = 0.4;

    /** Half width of a symbol, as a share of the reach. */
    private static final double GRIP_SHARE = 0.03;

    /** A symbol is taller than a wire. */
    private static final double TALLER = 1.4;

    /** Handles stand beside the symbols: before a point's, above a fuse's. */
    private static final double BEFORE_SHARE = 0.07;

    private static final double ABOVE = 1.2;

    private static final double SHORTEST_M = 0.05;
    private static final double ROOM = 1.3;
    private static final String HANG = "wire.hang.";
    private static final String MOVE = "wire.move.";
    private static final String PUT_IN = "wire.in.";

    private final Line line;
    private final Topology tree;
    private final HarnessLayout layout;
    private final Drawing drawing;
    private final double halfRows;

    HarnessGrips(Line line, Topology tree, HarnessLayout layout, Drawing drawing) {
        this.line = line;
        this.tree = tree;
        this.layout = layout;
        this.drawing = drawing;
        halfRows = Math.min(MOST_ROWS, GRIP_SHARE_OF_ROWS * layout.rows());
    }

    /** Adds them above all that is drawn, small things above long ones. */
    void add() {
        for (int node = 0; node < tree.ids().size(); node++) {
            if (tree.segments().get(node) >= 0) {
                wire(node);
            }
        }
        for (int node = 0; node < tree.ids().size(); node++) {
            point(node);
        }
        for (int node = 0; node < tree.ids().size(); node++) {
            if (tree.segments().get(node) >= 0 && layout.forwards(node)) {
                handles(node);
            }
        }
    }

    private Segment into(int node) {
        return line.rig().harness().segments().get(tree.segments().get(node));
    }

    private void wire(int node) {
        Segment segment = into(node);
        Point start = layout.spot(tree.parents().get(node));
        Point end = layout.spot(node);
        drawing.element(
                segment.id(),
                HANG + segment.id() + ".",
                List.of(MOVE, PUT_IN),
                at(Math.min(start.x(), end.x()), end.y() - halfRows),
                at(Math.max(start.x(), end.x()), end.y() + halfRows),
                Text.of("{}", segment.name()));
        for (int f = 0; f < segment.fittings().size(); f++) {
            Fitting fitting = segment.fittings().get(f);
            Point here = at(HarnessLayout.placeOf(segment, f, start, end), end.y());
            grip(fitting.id(), MOVE + fitting.id() + ".", List.of(), here, fitting.name());
        }
    }

    private void point(int node) {
        String carried = tree.segments().get(node) < 0 ? "" : HANG + into(node).id() + ".";
        boolean device = tree.devices().get(node) >= 0;
        boolean pack = tree.packs().get(node) >= 0;
        grip(
                tree.ids().get(node),
                pack ? "" : carried,
                device ? List.of() : List.of(HANG),
                layout.spot(node),
                layout.nameOf(node));
    }

    private void grip(String part, String drags, List<String> takes, Point here, String name) {
        double half = GRIP_SHARE * layout.reach();
        drawing.element(
                part,
                drags,
                takes,
                at(here.x() - half, here.y() - TALLER * halfRows),
                at(here.x() + half, here.y() + TALLER * halfRows),
                Text.of("{}", name));
    }

    /** A wire is stretched at its end, a fuse slid along it. */
    private void handles(int node) {
        Segment segment = into(node);
        int place = tree.segments().get(node);
        Point start = layout.spot(tree.parents().get(node));
        Point end = layout.spot(node);
        double before = BEFORE_SHARE * layout.reach();
        drawing.along(
                Pointer.segment(place, "wire/lengthM"),
                at(end.x() - before, end.y()),
                start.x() - before,
                SHORTEST_M,
                ROOM * layout.reach() - start.x(),
                Text.of("length of {}", segment.name()));
        for (int f = 0; f < segment.fittings().size(); f++) {
            if (segment.fittings().get(f) instanceof Fitting.Fuse fuse) {
                drawing.along(
                        Pointer.fitting(place, f, "atM"),
                        at(HarnessLayout.placeOf(segment, f, start, end), end.y() + ABOVE * halfRows),
                        start.x(),
                        0,
                        segment.wire().lengthM().value(),
                        Text.of("place of {}", fuse.name()));
            }
        }
    }

    private static Point at(double x, double y) {
        return Drawing.at(x, y);
    }
}
