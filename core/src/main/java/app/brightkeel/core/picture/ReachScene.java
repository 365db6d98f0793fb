package app.brightkeel.core.picture;

import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.Posture;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Pose;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.List;

/** What the hand reaches from the seat, the room that is needed, and where screens could stand, in plan. */
final class ReachScene {

    private static final double SEAT_M = 0.17;
    private static final double SCREEN_M = 0.05;
    private static final double EDGE_M = 0.1;
    private static final int ARC_DEG = 60;
    private static final int STEP_DEG = 4;

    private final Line line;
    private final Seated seated;
    private final CraftDrawing on;
    private final Drawing drawing = new Drawing();

    private ReachScene(Line line, Seated seated, Outline outline) {
        this.line = line;
        this.seated = seated;
        on = new CraftDrawing(line.rig().craft(), outline);
    }

    static Outcome<Scene> of(Line line) {
        return Outcome.both(
                line.get(SeatStage.STAGE),
                Outline.of(line.rig().craft()),
                (seated, outline) -> new ReachScene(line, seated, outline).scene());
    }

    private Scene scene() {
        on.deck(drawing);
        seated.areas().forEach(area -> on.area(drawing, area));
        Point seat = on.plan(seated.seatM(), 0);
        drawing.circle(Role.CURVE, seat, SEAT_M)
                .note(Role.QUIET, seat, Side.MIDDLE, 0.3, "seat")
                .circle(Role.GHOST, seat, seated.atEaseM())
                .circle(Role.GHOST, seat, seated.stretchedM());
        ahead();
        int right = 0;
        int left = 0;
        for (Seated.FromSeat each : seated.things()) {
            if (each.thing().pose() == Pose.LOWERED) {
                lowered(each);
            } else {
                thing(each, each.thing().yM() >= 0 ? right++ : left++);
            }
        }
        places();
        return new Scene(
                Text.of("Within reach and in sight"),
                Text.of(
                        "bow to the left, right side up · the hand goes {} at ease, {} stretched, {} ahead when leaning",
                        new Amount(seated.atEaseM(), Unit.METRE),
                        new Amount(seated.stretchedM(), Unit.METRE),
                        new Amount(seated.leaningM(), Unit.METRE)),
                on.above(seated.seatM() - seated.leaningM() - EDGE_M, seated.leaningM() + EDGE_M),
                drawing.marks(),
                new Twin(List.of("what", "from the seat", "from the eye", "figures want", "within reach"), rows()));
    }

    private void ahead() {
        List<Point> arc = new ArrayList<>();
        for (int deg = -ARC_DEG; deg <= ARC_DEG; deg += STEP_DEG) {
            double turn = Math.toRadians(deg);
            arc.add(on.plan(seated.seatM() - seated.leaningM() * Math.cos(turn), seated.leaningM() * Math.sin(turn)));
        }
        drawing.line(Role.GHOST, 1, arc);
    }

    /** Folded inboard it is a shadow of itself. */
    private void lowered(Seated.FromSeat each) {
        Point place = on.plan(each.thing().xM(), each.thing().yM());
        drawing.box(Role.GHOST, place.x() - SCREEN_M, place.y() - SCREEN_M, place.x() + SCREEN_M, place.y() + SCREEN_M);
    }

    /** @param rank among those on its side: their words stand in lines of their own */
    private void thing(Seated.FromSeat each, int rank) {
        Point place = on.plan(each.thing().xM(), each.thing().yM());
        boolean right = each.thing().yM() >= 0;
        drawing.box(Role.MASS, place.x() - SCREEN_M, place.y() - SCREEN_M, place.x() + SCREEN_M, place.y() + SCREEN_M)
                .note(
                        each.reached(Posture.UPRIGHT) ? Role.LABEL : Role.MISSING,
                        place,
                        Side.MIDDLE,
                        right ? -1.1 - 1.2 * rank : 1.8 + 1.2 * rank,
                        "{}, {}",
                        each.thing().name(),
                        new Amount(each.awayM(), Unit.METRE));
    }

    /** Other places for the first screen, to choose in the picture. */
    private void places() {
        Device display = line.rig().devices().stream()
                .filter(device -> device.kind().display())
                .findFirst()
                .orElse(null);
        if (display == null) {
            return;
        }
        String now = line.rig().stationOf(display.id());
        for (Station station : line.rig().craft().stations()) {
            if (station.placed()
                    && station.spot().takesDisplay()
                    && !station.id().equals(now)) {
                Point place = on.plan(station);
                drawing.circle(Role.PASSAGE, place, SCREEN_M)
                        .pick(
                                "screen.place." + display.id() + "." + station.id(),
                                around(place),
                                "{} to {}",
                                display.name(),
                                station.name());
            }
        }
    }

    private static List<Point> around(Point place) {
        List<Point> ring = new ArrayList<>();
        for (int deg = 0; deg < 360; deg += 30) {
            double turn = Math.toRadians(deg);
            ring.add(new Point(
                    place.x() + 1.4 * SCREEN_M * Math.cos(turn), place.y() + 1.4 * SCREEN_M * Math.sin(turn)));
        }
        return ring;
    }

    private List<List<Text>> rows() {
        List<List<Text>> rows = new ArrayList<>();
        for (Seated.FromSeat each : seated.things()) {
            List<String> reached = new ArrayList<>();
            for (Posture posture : Posture.values()) {
                if (each.reached(posture)) {
                    reached.add(posture.words());
                }
            }
            boolean screen = each.thing().screen();
            rows.add(List.of(
                    Text.of("{}", each.thing().name()),
                    Text.of(each.awayM(), Unit.METRE),
                    screen ? Text.of(each.eyeM(), Unit.METRE) : Text.of("–"),
                    screen ? Text.of(each.neededM(), Unit.FINE_MILLIMETRE) : Text.of("–"),
                    Text.of(reached.isEmpty() ? "in no posture" : String.join(", ", reached))));
        }
        return rows;
    }
}
