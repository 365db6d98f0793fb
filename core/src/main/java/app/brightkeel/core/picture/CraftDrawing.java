package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** A craft in plan, bow to the left and right side up, with its profile below, to one scale. */
final class CraftDrawing {

    private static final int PIECES = 40;

    /** Between plan and profile, and round both, as a share of the length. */
    private static final double ROOM = 0.06;

    private final Craft craft;
    private final Outline outline;
    private final double planY;
    private final double lowX;
    private final double highX;
    private final double lowY;
    private final double highY;

    CraftDrawing(Craft craft, Outline outline) {
        this.craft = craft;
        this.outline = outline;
        double room = ROOM * outline.lengthM();
        List<Station> placed =
                craft.stations().stream().filter(CraftDrawing::placed).toList();
        double left = least(placed, s -> s.fromBowM().value(), 0);
        double right = -least(placed, s -> -s.fromBowM().value(), -outline.lengthM());
        double tall = -least(placed, s -> -s.heightM().value(), -outline.depthM());
        double deep = least(placed, s -> s.heightM().value(), 0);
        double side = least(placed, s -> -Math.abs(s.sideM().value()), -outline.halfM());
        lowX = left - room;
        highX = right + room;
        lowY = deep - 2 * room;
        planY = tall + 3 * room - side;
        highY = planY - side + 1.5 * room;
    }

    private static double least(List<Station> stations, ToDoubleFunction<Station> of, double atMost) {
        return Math.min(atMost, stations.stream().mapToDouble(of).min().orElse(atMost));
    }

    static boolean placed(Station station) {
        return station.fromBowM().isSet()
                && station.sideM().isSet()
                && station.heightM().isSet();
    }

    Frame.ToScale frame() {
        return Frame.ToScale.of(at(lowX, lowY), at(highX, highY));
    }

    double lowY() {
        return lowY;
    }

    /** A place in the plan. */
    Point plan(double xM, double sideM) {
        return at(xM, planY + sideM);
    }

    Point plan(Station station) {
        return plan(station.fromBowM().value(), station.sideM().value());
    }

    /** The same in the profile. */
    Point profile(Station station) {
        return at(station.fromBowM().value(), station.heightM().value());
    }

    void hull(Drawing drawing) {
        List<Point> deck = new ArrayList<>();
        List<Point> other = new ArrayList<>();
        List<Point> bottom = new ArrayList<>();
        for (int i = 0; i <= PIECES; i++) {
            double x = outline.lengthM() * i / PIECES;
            double half = outline.halfWidthM(x, outline.depthM());
            deck.add(plan(x, half));
            other.add(0, plan(x, -half));
            bottom.add(at(x, outline.keelM(x)));
        }
        deck.addAll(other);
        bottom.add(at(outline.lengthM(), outline.depthM()));
        bottom.add(at(0, outline.depthM()));
        drawing.curve(Role.HULL, deck, true).curve(Role.HULL, bottom, true);
        drawing.path(Role.QUIET, 1, plan(0, 0), plan(outline.lengthM(), 0));
    }

    /** The stations of some ids that have a place, in order. */
    List<Station> stations(List<String> ids) {
        return ids.stream()
                .flatMap(id -> craft.station(id).stream())
                .filter(CraftDrawing::placed)
                .toList();
    }
}
