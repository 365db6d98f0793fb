package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.rig.Pointer;
import java.util.ArrayList;
import java.util.List;

/** Power through the day, stacked by device, against everything on at full brightness. */
final class PowerScene {

    /** Parts of the day and shares of the watts that are too small for words inside: the table has them. */
    private static final double NARROW = 0.2;

    private static final double LOW = 0.04;

    /** How far past the end of the day a hand may draw a part of it. */
    private static final double MOVABLE = 1.25;

    private PowerScene() {}

    static Outcome<Scene> of(Line line) {
        return line.get(Load.STAGE).map(load -> scene(line, load));
    }

    /** The end of a part of the day, which a hand can move. */
    private static void end(Drawing drawing, DayLoad load, DayLoad.PhaseLoad phase) {
        double end = phase.from() + phase.hours();
        drawing.spot(Role.TARGET, at(end, 0))
                .drag(
                        Pointer.phase(phase.place(), "hours"),
                        at(end, 0),
                        phase.from(),
                        Math.max(load.hours(), end) * MOVABLE,
                        "end of " + phase.name());
    }

    /** With the distance from which the first display is read, where the height of its figures is known. */
    private static Text subtitle(Line line, DayLoad load) {
        Amount mean = new Amount(load.meanW(), Unit.WATT);
        return line.rig().devices().stream()
                .filter(device -> device.textM().isSet())
                .findFirst()
                .map(device -> Text.of(
                        "stacked by device · mean {} · the {} is read from {}",
                        mean,
                        device.name(),
                        new Amount(SeatStage.readableM(device.textM().value()), Unit.METRE)))
                .orElse(Text.of("stacked by device · mean {}", mean));
    }

    private static Scene scene(Line line, DayLoad load) {
        double hours = load.hours();
        double top = Math.max(load.fullTotalW(), 0.1) * 1.2;
        Drawing drawing = new Drawing();
        List<List<Text>> rows = new ArrayList<>();
        for (DayLoad.PhaseLoad phase : load.phases()) {
            double from = phase.from();
            double height = 0;
            for (int d = 0; d < phase.watts().size(); d++) {
                double watts = phase.watts().get(d);
                String name = line.rig().devices().get(d).name();
                rows.add(List.of(Text.of("{}", phase.name()), Text.of("{}", name), Text.of(watts, Unit.WATT)));
                if (watts > 0) {
                    drawing.box(Role.SHARE, from, height, from + phase.hours(), height + watts);
                }
                if (watts > LOW * top && phase.hours() > NARROW * hours) {
                    drawing.note(
                            Role.LABEL,
                            at(from, height + watts / 2),
                            Side.RIGHT,
                            0.35,
                            "  {}, {}",
                            name,
                            new Amount(watts, Unit.WATT));
                }
                height += watts;
            }
            if (phase.hours() > NARROW * hours) {
                drawing.note(
                        Role.QUIET,
                        at(from, 0),
                        Side.RIGHT,
                        -0.6,
                        "  {}, {}",
                        phase.name(),
                        new Amount(phase.hours(), Unit.HOUR));
            }
        }
        load.phases().stream().filter(phase -> phase.place() >= 0).forEach(phase -> end(drawing, load, phase));
        drawing.path(Role.LIMIT, 1, at(0, load.fullTotalW()), at(hours, load.fullTotalW()))
                .note(
                        Role.QUIET,
                        at(hours, load.fullTotalW()),
                        Side.LEFT,
                        -0.5,
                        "everything on, full brightness: {} ",
                        new Amount(load.fullTotalW(), Unit.WATT));
        Axis x = new Axis(Text.of("since the start"), Unit.HOUR, 0, hours * 1.02, false, Ticks.linear(0, hours, 6));
        Axis y = new Axis(Text.of("watts"), Unit.WATT, 0, top, false, Ticks.linear(0, top, 5));
        return new Scene(
                Text.of("Power through the day"),
                subtitle(line, load),
                new Frame.Plot(x, y),
                drawing.marks(),
                new Twin(List.of("phase", "device", "draw"), rows));
    }
}
