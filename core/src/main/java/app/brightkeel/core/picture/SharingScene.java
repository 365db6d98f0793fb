package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.battery.CurvePoint;
import app.brightkeel.core.battery.Curves;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import java.util.ArrayList;
import java.util.List;

/** How the packs of a bank share the current over the discharge. */
final class SharingScene {

    private SharingScene() {}

    static Outcome<Scene> of(Line line) {
        return Outcome.both(
                line.get(Curves.STAGE),
                line.needs(Runtime.STAGE),
                (band, circuit) -> scene(line, band, circuit.packs()));
    }

    private static Scene scene(Line line, Curves.Band band, List<PackString> sources) {
        List<CurvePoint> points = band.median().points();
        double most = Math.max(band.median().hours(), 0.1);
        double top = points.stream()
                        .flatMap(point -> point.amps().stream())
                        .mapToDouble(Double::doubleValue)
                        .max()
                        .orElse(1)
                * 1.25;
        double bottom = Math.min(
                0,
                points.stream()
                                .flatMap(point -> point.amps().stream())
                                .mapToDouble(Double::doubleValue)
                                .min()
                                .orElse(0)
                        * 1.25);
        Drawing drawing = new Drawing().path(Role.QUIET, 1, at(0, 0), at(most, 0));
        for (int s = 0; s < sources.size(); s++) {
            int source = s;
            List<Point> curve = points.stream()
                    .map(point -> at(point.hours(), point.amps().get(source)))
                    .toList();
            // words stand clear of the curve: over the highest of the one that gives more, under the lowest of the
            // other
            boolean upper = s % 2 == 0;
            double y = upper
                    ? curve.stream().mapToDouble(Point::y).max().orElse(0)
                    : curve.stream().mapToDouble(Point::y).min().orElse(0);
            drawing.curve(upper ? Role.CURVE : Role.SURFACE, curve, false)
                    .note(Role.LABEL, at(most / 2, y), Side.MIDDLE, upper ? -0.6 : 1.2, "{}", name(line, sources, s));
        }
        return new Scene(
                Text.of("How the batteries share the current"),
                Text.of("below zero one charges the other · the run ends with the first that is empty"),
                new Frame.Plot(
                        new Axis(
                                Text.of("since the start"), Unit.HOUR, 0, most * 1.04, false, Ticks.linear(0, most, 6)),
                        new Axis(Text.of("amperes"), Unit.AMPERE, bottom, top, false, Ticks.linear(bottom, top, 5))),
                drawing.marks(),
                twin(line, points, sources));
    }

    private static String name(Line line, List<PackString> sources, int source) {
        PackString string = sources.get(source);
        return line.rig().harness().pack(string.id()).name();
    }

    private static Twin twin(Line line, List<CurvePoint> points, List<PackString> sources) {
        List<String> columns = new ArrayList<>(List.of("time"));
        for (int s = 0; s < sources.size(); s++) {
            columns.add(name(line, sources, s));
        }
        List<List<Text>> rows = new ArrayList<>();
        for (CurvePoint point : points) {
            List<Text> row = new ArrayList<>(List.of(Text.of(point.hours(), Unit.HOUR)));
            point.amps().forEach(amps -> row.add(Text.of(amps, Unit.AMPERE)));
            rows.add(row);
        }
        return new Twin(columns, rows);
    }
}
