package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.trip.Hindsight;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Hours of the last trips: those that the plan promised under the conditions of each, and those that were had. */
public final class HadScene {

    /** More columns are too thin to be told apart. */
    private static final int MOST = 30;

    private static final double HALF = 0.34;
    private static final double HEAD = 1.15;

    private HadScene() {}

    /** @param last the latest first, one at least */
    public static Scene of(List<Hindsight> last) {
        List<Hindsight> shown = new ArrayList<>(last.subList(0, Math.min(MOST, last.size())));
        Collections.reverse(shown);
        double most = 1;
        for (Hindsight each : shown) {
            most = Math.max(most, Math.max(each.hadH(), Math.max(each.plannedH(), each.learntH())) * HEAD);
        }
        Drawing drawing = new Drawing();
        List<List<Text>> rows = new ArrayList<>();
        int year = 0;
        for (int i = 0; i < shown.size(); i++) {
            Hindsight each = shown.get(i);
            drawing.box(Role.SHARE, i - HALF, 0, i + HALF, each.hadH())
                    .path(Role.RESERVE, 1, at(i - HALF, each.plannedH()), at(i + HALF, each.plannedH()))
                    .path(Role.CURVE, 1, at(i - HALF, each.learntH()), at(i + HALF, each.learntH()));
            if (each.ranOut()) {
                drawing.spot(Role.MISSING, at(i, each.hadH()));
            }
            int its = Integer.parseInt(each.day().substring(0, 4));
            if (its != year) {
                drawing.path(Role.QUIET, 1, at(i - 0.5, 0), at(i - 0.5, most))
                        .note(Role.QUIET, at(i - 0.5, most), Side.RIGHT, 0.9, " {}", "" + its);
                year = its;
            }
            rows.add(List.of(
                    Text.of("{}", each.day()),
                    Text.of(each.hadH(), Unit.HOUR),
                    Text.of(each.plannedH(), Unit.HOUR),
                    Text.of(each.learntH(), Unit.HOUR),
                    Text.of(each.ranOut() ? "stopped by itself" : "came home first")));
        }
        return new Scene(
                Text.of("Hours planned, hours had"),
                Text.of(
                        "columns: hours out · dotted: until empty by the plan · line: by this log · dot: it stopped by itself"),
                new Frame.Plot(
                        new Axis(Text.of("trip by trip"), Unit.COUNT, -0.6, shown.size() - 0.4, false, List.of()),
                        new Axis(Text.of("hours"), Unit.HOUR, 0, most, false, Ticks.linear(0, most, 5))),
                drawing.marks(),
                new Twin(List.of("day", "had", "by the plan", "by this log", "end"), rows));
    }
}
