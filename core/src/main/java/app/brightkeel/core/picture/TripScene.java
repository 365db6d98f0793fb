package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.trip.Hindsight;
import java.util.List;
import java.util.stream.DoubleStream;

/** Rest volts of one trip against those of the plan, and of what the log taught. */
public final class TripScene {

    private static final double ROOM_V = 0.12;
    private static final double WIDE = 1.12;

    private TripScene() {}

    public static Scene of(Hindsight trip) {
        double most = trip.hadH() * WIDE;
        double said = trip.saidV().isSet() ? trip.saidV().value() : trip.learntV();
        double low = DoubleStream.of(trip.lowV(), trip.plannedV(), said).min().orElseThrow() - ROOM_V;
        double high = DoubleStream.of(trip.beforeV(), trip.highV(), trip.plannedV(), said)
                        .max()
                        .orElseThrow()
                + ROOM_V;
        Drawing drawing = new Drawing();
        drawing.curve(
                        Role.BAND,
                        List.of(at(0, trip.beforeV()), at(trip.hadH(), trip.highV()), at(trip.hadH(), trip.lowV())),
                        true)
                .path(Role.RESERVE, 1, at(0, trip.beforeV()), at(trip.hadH(), trip.plannedV()))
                .path(Role.CURVE, 1, at(0, trip.beforeV()), at(trip.hadH(), trip.learntV()))
                .path(Role.QUIET, 1, at(trip.hadH(), low), at(trip.hadH(), high));
        if (trip.saidV().isSet()) {
            drawing.spot(Role.CURVE, at(trip.hadH(), said))
                    .note(
                            Role.LABEL,
                            at(trip.hadH(), said),
                            Side.LEFT,
                            said > trip.learntV() ? -0.6 : 1.4,
                            "read {} ",
                            new Amount(said, Unit.VOLT));
        }
        return new Scene(
                Text.of("Rest volts of {}", trip.day()),
                Text.of(
                        "dotted: by the plan {} · line: by this log {}, eight readings in ten within the shade",
                        new Amount(trip.plannedV(), Unit.VOLT),
                        new Amount(trip.learntV(), Unit.VOLT)),
                new Frame.Plot(
                        new Axis(Text.of("since the start"), Unit.HOUR, 0, most, false, Ticks.linear(0, most, 6)),
                        new Axis(Text.of("volts at rest"), Unit.VOLT, low, high, false, Ticks.linear(low, high, 5))),
                drawing.marks(),
                new Twin(
                        List.of("when", "by the plan", "by this log", "read"),
                        List.of(
                                List.of(
                                        Text.of("before"),
                                        Text.of(trip.beforeV(), Unit.VOLT),
                                        Text.of(trip.beforeV(), Unit.VOLT),
                                        Text.of("")),
                                List.of(
                                        Text.of("after {}", new Amount(trip.hadH(), Unit.HOUR)),
                                        Text.of(trip.plannedV(), Unit.VOLT),
                                        Text.of(trip.learntV(), Unit.VOLT),
                                        trip.saidV().isSet() ? Text.of(said, Unit.VOLT) : Text.of("not read")))));
    }
}
