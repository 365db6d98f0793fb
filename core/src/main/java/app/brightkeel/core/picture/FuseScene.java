package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.FuseTables;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Time against current of the main fuse: its load, when it opens, what the wire carries, what a short draws. */
final class FuseScene {

    private static final double SHORTEST_S = 0.01;
    private static final double LONGEST_S = 1000;

    private FuseScene() {}

    static Outcome<Scene> of(Line line) {
        return line.get(Protection.STAGE)
                .flatMap(state -> state.fuses().isEmpty()
                        ? new Outcome.Missing<>(List.of("/harness/segments/0/fittings"))
                        : Outcome.known(scene(state)));
    }

    private static Scene scene(ProtectionState state) {
        FuseDuty fuse = state.main();
        double low = Math.min(0.5 * fuse.ratingA(), Math.max(0.05, 0.6 * fuse.loadA()));
        double high = Math.max(10 * fuse.ratingA(), 1.5 * Math.max(fuse.ampacityA(), fuse.farShortA()));
        Drawing drawing = new Drawing();
        band(drawing, fuse.ratingA());
        upright(drawing, Role.CURVE, fuse.loadA(), 0, Side.RIGHT, "load {}", Unit.AMPERE);
        upright(drawing, Role.WANTED, fuse.ratingA(), 1, Side.LEFT, "fuse {}", Unit.RATING);
        upright(drawing, Role.LIMIT, fuse.ampacityA(), 2, Side.RIGHT, "wire carries {}", Unit.AMPERE);
        upright(drawing, Role.QUIET, fuse.farShortA(), 3, Side.LEFT, "short at the far end {}", Unit.AMPERE);
        Axis x = new Axis(Text.of("current"), Unit.AMPERE, low, high, true, Ticks.oneTwoFive(low, high));
        Axis y = new Axis(
                Text.of("seconds until it opens"),
                Unit.COUNT,
                SHORTEST_S,
                LONGEST_S,
                true,
                List.of(0.01, 0.1, 1.0, 10.0, 100.0, 1000.0));
        List<List<Text>> rows = List.of(
                List.of(Text.of("load, everything on at the lowest volts"), Text.of(fuse.loadA(), Unit.AMPERE)),
                List.of(Text.of("rating"), Text.of(fuse.ratingA(), Unit.RATING)),
                List.of(Text.of("the thinnest wire behind it carries"), Text.of(fuse.ampacityA(), Unit.AMPERE)),
                List.of(Text.of("short circuit at the far end"), Text.of(fuse.farShortA(), Unit.AMPERE)),
                List.of(Text.of("dead short at the fuse"), Text.of(fuse.sourceShortA(), Unit.AMPERE)),
                List.of(Text.of("it can break"), Text.of(fuse.breakingA(), Unit.AMPERE)));
        return new Scene(
                Text.of("When the {} opens", fuse.name()),
                Text.of(
                        "shaded: its band, fastest to slowest · {} along the wire from the battery, {} allowed",
                        new Amount(fuse.distanceM(), Unit.MILLIMETRE),
                        new Amount(fuse.allowedM(), Unit.MILLIMETRE)),
                new Frame.Plot(x, y),
                drawing.marks(),
                new Twin(List.of("what", "current"), rows));
    }

    private static void band(Drawing drawing, double ratingA) {
        List<Point> slow = new ArrayList<>();
        List<Point> fast = new ArrayList<>();
        for (FuseTables.Opening row : FuseTables.openings()) {
            slow.add(at(row.multiple() * ratingA, row.slowestS()));
            fast.add(at(row.multiple() * ratingA, row.fastestS()));
        }
        Collections.reverse(fast);
        slow.addAll(fast);
        drawing.curve(Role.BAND, slow, true);
    }

    /** Lines stand side by side, so their labels go down in steps; far right they stand on the left. */
    private static void upright(Drawing drawing, Role role, double amps, int step, Side side, String words, Unit unit) {
        if (amps > 0 && Double.isFinite(amps)) {
            Role label = role == Role.QUIET ? Role.QUIET : Role.LABEL;
            drawing.path(role, 1, at(amps, SHORTEST_S), at(amps, LONGEST_S))
                    .note(
                            label,
                            at(amps, LONGEST_S),
                            side,
                            1.2 + 1.4 * step,
                            " " + words + " ",
                            new Amount(amps, unit));
        }
    }
}
