package app.brightkeel.core.picture;

import app.brightkeel.core.picture.Scene.Point;
import java.util.ArrayList;
import java.util.List;

/** A drawn way in two pieces, split at a share of its length. */
record Split(List<Point> before, List<Point> after) {

    /** @param share 0 to 1 */
    static Split at(List<Point> way, double share) {
        double whole = 0;
        for (int i = 1; i < way.size(); i++) {
            whole += distance(way.get(i - 1), way.get(i));
        }
        double left = whole * share;
        List<Point> before = new ArrayList<>(List.of(way.get(0)));
        List<Point> after = new ArrayList<>();
        for (int i = 1; i < way.size(); i++) {
            Point a = way.get(i - 1);
            Point b = way.get(i);
            double piece = distance(a, b);
            if (!after.isEmpty()) {
                after.add(b);
            } else if (piece <= left || share >= 1) {
                before.add(b);
            } else {
                double part = piece == 0 ? 0 : left / piece;
                Point cut = Drawing.at(a.x() + (b.x() - a.x()) * part, a.y() + (b.y() - a.y()) * part);
                before.add(cut);
                after.add(cut);
                after.add(b);
            }
            left -= piece;
        }
        return new Split(List.copyOf(before), List.copyOf(after));
    }

    private static double distance(Point a, Point b) {
        return Math.hypot(b.x() - a.x(), b.y() - a.y());
    }
}
