package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.battery.Circuits;
import app.brightkeel.core.battery.CurvePoint;
import app.brightkeel.core.battery.Curves;
import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.End;
import app.brightkeel.core.battery.Endurance;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.battery.Simulation;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;

/** Volts at the worst device through the day, with the band, the cut-off and the hours wanted. */
final class DischargeScene {

    /** Two limits closer than this share one line of words [V]. */
    private static final double NEAR_V = 0.15;

    /** Width of a letter of the small words [share of the time axis]. */
    private static final double LETTER = 0.0115;

    /** Room under the lowest line for its words and the parts of the day, of what is drawn above it. */
    private static final double FOOT = 0.14;

    private DischargeScene() {}

    static Outcome<Scene> of(Line line) {
        return line.get(Curves.STAGE).map(band -> scene(line, band));
    }

    private static Scene scene(Line line, Curves.Band band) {
        Simulation circuit = line.needs(Runtime.STAGE).value();
        DayLoad load = circuit.load();
        double wanted = load.hours();
        double most = Math.max(
                        wanted,
                        Math.min(Math.max(band.high().hours(), band.toEmpty().hours()), 3 * wanted))
                * 1.04;
        double stops = circuit.fed().stream()
                .mapToDouble(d -> circuit.minV().get(d))
                .max()
                .orElse(10);
        double top = highest(band) + 0.15;
        double least = Math.min(lowest(band), stops);
        double bottom = least - Math.max(0.45, FOOT * (top - least));
        Drawing drawing = new Drawing();
        phases(drawing, load, most, bottom, top);
        List<Point> outline = points(band.low(), most);
        List<Point> back = points(band.high(), most);
        Collections.reverse(back);
        outline.addAll(back);
        drawing.curve(Role.BAND, outline, true)
                .curve(Role.RESERVE, points(band.toEmpty(), most), false)
                .curve(Role.CURVE, points(band.median(), most), false);
        drawing.path(Role.LIMIT, 1, at(0, stops), at(most, stops))
                .note(
                        Role.QUIET,
                        at(0, stops),
                        Side.RIGHT,
                        1.1,
                        " a screen stops below {}",
                        new Amount(stops, Unit.VOLT));
        cutOff(circuit, drawing, most, bottom, stops);
        double end = Math.min(band.median().hours(), most);
        double endV = last(band.median(), most).y();
        drawing.path(Role.WANTED, 1, at(wanted, bottom), at(wanted, top))
                .note(
                        Role.LABEL,
                        at(wanted, top),
                        wanted > most * 0.7 ? Side.LEFT : Side.RIGHT,
                        0.9,
                        " wanted: {} ",
                        new Amount(wanted, Unit.HOUR));
        drawing.spot(Role.CURVE, at(end, endV))
                .note(
                        Role.QUIET,
                        at(end, endV),
                        end > most * 0.7 ? Side.LEFT : Side.RIGHT,
                        end > most * 0.7 ? 2.2 : -0.9,
                        "  {}  ",
                        words(band.median()));
        for (double change : band.median().changesH()) {
            if (change < most) {
                drawing.path(Role.QUIET, 1, at(change, bottom), at(change, top))
                        .note(Role.QUIET, at(change, top), Side.RIGHT, 2, " change to the spare");
            }
        }
        double level = bottom + 0.16 * (top - bottom);
        if (band.median().hours() < wanted) {
            drawing.path(Role.MISSING, 1, at(end, endV), at(end, bottom))
                    .span(
                            Role.MISSING,
                            at(end, level),
                            at(wanted, level),
                            "{} short",
                            new Amount(wanted - end, Unit.HOUR));
        } else if (band.median().hours() <= most) {
            drawing.path(Role.QUIET, 1, at(end, endV), at(end, bottom))
                    .span(
                            Role.QUIET,
                            at(wanted, level),
                            at(end, level),
                            "{} to spare",
                            new Amount(end - wanted, Unit.HOUR));
        }
        Circuits.Order order = line.get(Circuits.STAGE).value();
        Text which = order.apart() ? Text.of("{}, first to end · ", Circuits.packs(line, circuit)) : Text.of("");
        Axis x = new Axis(Text.of("since the start"), Unit.HOUR, 0, most, false, Ticks.linear(0, most, 6));
        Axis y = new Axis(Text.of("volts at the device"), Unit.VOLT, bottom, top, false, Ticks.linear(bottom, top, 5));
        Endurance hours = line.get(RuntimeBand.STAGE).value();
        return new Scene(
                Text.of("Volts at the screen through the day"),
                Text.of(
                        "{}label hours {} · usable {}, eight days in ten {} to {} (shaded) · dotted: the reserve · pack at {}",
                        which,
                        new Amount(hours.labelH(), Unit.HOUR),
                        new Amount(hours.median().hours(), Unit.HOUR),
                        new Amount(hours.lowH(), Unit.HOUR),
                        new Amount(hours.highH(), Unit.HOUR),
                        new Amount(
                                line.rig()
                                        .harness()
                                        .pack(circuit.first().id())
                                        .tempC()
                                        .value(),
                                Unit.CELSIUS)),
                new Frame.Plot(x, y),
                drawing.marks(),
                twin(band));
    }

    /** Where the packs themselves end it, under load; near the screen's own limit its words would lie on the others. */
    private static void cutOff(Simulation circuit, Drawing drawing, double most, double bottom, double stops) {
        double volts = circuit.packs().get(0).sum(PackModel::cutOffVolts);
        if (volts > bottom && Math.abs(volts - stops) > NEAR_V) {
            drawing.path(Role.RESERVE, 1, at(0, volts), at(most, volts))
                    .note(
                            Role.QUIET,
                            at(most, volts),
                            Side.LEFT,
                            -0.4,
                            "the pack ends below {} under load ",
                            new Amount(volts, Unit.VOLT));
        }
    }

    private static String words(DayRun run) {
        return run.end() == End.DEVICE_MINIMUM
                ? "a screen gets too few volts"
                : run.end().words();
    }

    private static void phases(Drawing drawing, DayLoad load, double most, double bottom, double top) {
        double height = 0.075 * (top - bottom);
        for (DayLoad.PhaseLoad phase : load.phases()) {
            double from = phase.from();
            drawing.box(Role.PHASE, from, bottom, from + phase.hours(), bottom + height);
            Text all = Text.of(" {}, {}", phase.name(), new Amount(phase.totalW(), Unit.WATT));
            Text words = fits(all, phase, most) ? all : Text.of(" {}", phase.name());
            if (fits(words, phase, most)) {
                drawing.note(Role.QUIET, at(from, bottom), Side.RIGHT, -0.75, words);
            }
        }
    }

    /** Whether words go into their part of the day. */
    private static boolean fits(Text words, DayLoad.PhaseLoad phase, double most) {
        return words.plain().length() * LETTER < phase.hours() / most;
    }

    private static List<Point> points(DayRun run, double most) {
        List<Point> all = new ArrayList<>();
        CurvePoint before = run.points().get(0);
        for (CurvePoint point : run.points()) {
            if (point.hours() > most) {
                double share = (most - before.hours()) / (point.hours() - before.hours());
                all.add(at(most, before.volts() + share * (point.volts() - before.volts())));
                return all;
            }
            all.add(at(point.hours(), point.volts()));
            before = point;
        }
        return all;
    }

    private static Point last(DayRun run, double most) {
        List<Point> all = points(run, most);
        return all.get(all.size() - 1);
    }

    private static double highest(Curves.Band band) {
        return band.high().points().stream()
                .mapToDouble(CurvePoint::volts)
                .max()
                .orElse(13);
    }

    private static double lowest(Curves.Band band) {
        return Stream.of(band.low(), band.toEmpty())
                .flatMap(run -> run.points().stream())
                .mapToDouble(CurvePoint::volts)
                .min()
                .orElse(10);
    }

    private static Twin twin(Curves.Band band) {
        List<List<Text>> rows = new ArrayList<>();
        for (CurvePoint point : band.median().points()) {
            rows.add(List.of(
                    Text.of(point.hours(), Unit.HOUR),
                    Text.of(point.volts(), Unit.VOLT),
                    Text.of(point.charge(), Unit.PERCENT)));
        }
        rows.add(List.of(
                Text.of("low {}", new Amount(band.low().hours(), Unit.HOUR)),
                Text.of("high {}", new Amount(band.high().hours(), Unit.HOUR)),
                Text.of("")));
        return new Twin(List.of("time", "volts at the device", "charge left"), rows);
    }
}
