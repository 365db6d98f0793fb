package app.brightkeel.core.advice;

import java.util.ArrayList;
import java.util.List;

/** Rigs of which none is at least as good as another in everything; of several that are worth the same the first is kept. */
final class Front {

    /** @param choice place of the option on each axis */
    record Point(Worth worth, int[] choice) {}

    private final List<Point> points = new ArrayList<>();

    Front() {}

    Front(Front other) {
        points.addAll(other.points);
    }

    List<Point> points() {
        return points;
    }

    /** Whether one of them is at least as good in everything. */
    boolean covers(Worth worth) {
        for (int i = 0; i < points.size(); i++) {
            if (points.get(i).worth().covers(worth)) {
                // what covers one often covers the next: kept near the front
                if (i > 0) {
                    Point here = points.get(i);
                    points.set(i, points.get(i / 2));
                    points.set(i / 2, here);
                }
                return true;
            }
        }
        return false;
    }

    /** Unless one of them covers it already; what it covers goes. */
    void add(Point point) {
        if (!covers(point.worth())) {
            points.removeIf(each -> point.worth().covers(each.worth()));
            points.add(point);
        }
    }
}
