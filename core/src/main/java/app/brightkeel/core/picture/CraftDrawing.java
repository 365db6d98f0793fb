package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.reach.Area;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A craft in two views to one scale: a hull in plan, bow to the left and right side up, with its profile below; a box on
 * the ice in plan with its back beside it, because there things hang out sideways.
 */
final class CraftDrawing {

    private static final int PIECES = 60;

    /** Round the views, as a share of the length. */
    private static final double ROOM = 0.06;

    /** Lines of text that a picture is about high. */
    static final double LINES = 32;

    /** Lines of words under the views, as a share of the picture's height. */
    private static final double FOOT = 0.17;

    private final Craft craft;
    private final Outline outline;
    private final boolean ice;
    private final double planY;
    private final double backX;
    private final Point low;
    private final Point high;

    CraftDrawing(Craft craft, Outline outline) {
        this.craft = craft;
        this.outline = outline;
        ice = craft.kind().onIce();
        List<Station> placed = craft.stations().stream().filter(Station::placed).toList();
        double room = ROOM * outline.lengthM();
        double front = least(placed, s -> s.fromBowM().value(), 0);
        double back = most(placed, s -> s.fromBowM().value(), outline.lengthM());
        double tall = most(placed, s -> s.heightM().value(), outline.depthM());
        double deep = least(placed, s -> s.heightM().value(), 0);
        double left = least(placed, s -> s.sideM().value(), -outline.halfM());
        double right = most(placed, s -> s.sideM().value(), outline.halfM());
        planY = ice ? 0 : tall + 3 * room - left;
        backX = back + 3 * room - left;
        double bottom = ice ? Math.min(left, deep) - room : deep - room;
        double top = ice ? Math.max(right, tall) + 2 * room : planY + right + 2 * room;
        low = at(front - room, bottom - FOOT * (top - bottom));
        high = at(ice ? backX + right + 2 * room : back + room, top);
    }

    private static double least(List<Station> stations, ToDoubleFunction<Station> of, double atMost) {
        return Math.min(atMost, stations.stream().mapToDouble(of).min().orElse(atMost));
    }

    private static double most(List<Station> stations, ToDoubleFunction<Station> of, double atLeast) {
        return Math.max(atLeast, stations.stream().mapToDouble(of).max().orElse(atLeast));
    }

    Frame.ToScale frame() {
        return Frame.ToScale.of(low, high);
    }

    /** What the views show, for a subtitle. */
    String views() {
        return ice ? "from above, right side up, and from behind" : "bow to the left, right side up";
    }

    /** The foot of the picture, where words stand. */
    Point foot() {
        return at(low.x() + (high.x() - low.x()) * 0.02, low.y());
    }

    Point low() {
        return low;
    }

    Point high() {
        return high;
    }

    /** The upper edge of the lower view, on the ice the foot. */
    double lower() {
        return ice ? low.y() : outline.depthM();
    }

    /** Where a measure stands under the views, with room for its words. */
    double measureY() {
        return low.y() + FOOT / 2 * (high.y() - low.y());
    }

    /** A place seen from above. */
    Point plan(double xM, double sideM) {
        return at(xM, planY + sideM);
    }

    Point plan(Station station) {
        return plan(station.fromBowM().value(), station.sideM().value());
    }

    /** Where the bow's middle stands in plan. */
    Point origin() {
        return at(0, planY);
    }

    /** The same seen from the side, on ice from behind. */
    Point side(double xM, double sideM, double heightM) {
        return ice ? at(backX + sideM, heightM) : at(xM, heightM);
    }

    Point side(Station station) {
        return side(
                station.fromBowM().value(),
                station.sideM().value(),
                station.heightM().value());
    }

    /** The view from above alone, so far to each side of the centre line. */
    Frame.ToScale above(double foreM, double eitherSideM) {
        return Frame.ToScale.of(at(Math.min(low.x(), foreM), planY - eitherSideM), at(high.x(), planY + eitherSideM));
    }

    /** Room to keep clear, seen from above: whatever stands in it is in the way. */
    void area(Drawing drawing, Area area) {
        Point one = plan(area.foreM(), area.leftM());
        Point other = plan(area.aftM(), area.rightM());
        drawing.box(Role.HIDDEN, one.x(), one.y(), other.x(), other.y());
        // beside the hull stand the names of what is aboard: there the word moves to the outer edge
        double alongM = (area.foreM() + area.aftM()) / 2;
        boolean right = area.leftM() > 0;
        boolean left = area.rightM() < 0;
        double acrossM = right ? area.rightM() : left ? area.leftM() : (area.leftM() + area.rightM()) / 2;
        drawing.note(
                Role.QUIET,
                plan(alongM, acrossM),
                Side.MIDDLE,
                right ? 1.2 : left ? -0.5 : 0.3,
                "{}",
                area.zone().label());
    }

    /** The deck, seen from above. */
    void deck(Drawing drawing) {
        List<Point> deck = new ArrayList<>();
        List<Point> other = new ArrayList<>();
        for (int i = 0; i <= PIECES; i++) {
            double x = outline.lengthM() * i / PIECES;
            double half = outline.halfWidthM(x, outline.depthM());
            deck.add(plan(x, half));
            other.add(0, plan(x, -half));
        }
        deck.addAll(other);
        drawing.curve(Role.HULL, deck, true).path(Role.QUIET, 1, plan(0, 0), plan(outline.lengthM(), 0));
    }

    void hull(Drawing drawing) {
        deck(drawing);
        List<Point> bottom = new ArrayList<>();
        for (int i = 0; i <= PIECES; i++) {
            double x = outline.lengthM() * i / PIECES;
            bottom.add(at(x, outline.keelM(x)));
        }
        if (ice) {
            Point corner = side(0, -outline.halfM(), 0);
            Point across = side(0, outline.halfM(), outline.depthM());
            drawing.box(Role.HULL, corner.x(), corner.y(), across.x(), across.y());
            drawing.note(Role.QUIET, at((corner.x() + across.x()) / 2, 0), Side.MIDDLE, 1.3, "from behind");
            drawing.path(Role.WATERLINE, 1, at(backX - (high.x() - backX), 0), at(high.x(), 0));
        } else {
            bottom.add(at(outline.lengthM(), outline.depthM()));
            bottom.add(at(0, outline.depthM()));
            drawing.curve(Role.HULL, bottom, true);
            drawing.note(Role.QUIET, at(outline.lengthM(), outline.depthM()), Side.LEFT, -0.5, "from the side");
        }
    }

    /** The stations of some ids that have a place, in order. */
    List<Station> stations(List<String> ids) {
        return ids.stream()
                .flatMap(id -> craft.station(id).stream())
                .filter(Station::placed)
                .toList();
    }
}
