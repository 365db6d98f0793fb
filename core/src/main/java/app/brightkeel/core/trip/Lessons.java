package app.brightkeel.core.trip;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.load.RanTogether;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.Optional;

/** A rig corrected by what its trips taught: each lesson is one change of it. */
public final class Lessons {

    private static final double LEAST_AGE = 0.2;
    private static final double MOST_AGE = 1.1;
    private static final double ROUND = 1000;

    private Lessons() {}

    /** Whether a lesson is worth taking: the plan as it stands has it otherwise. */
    public static boolean worth(Lesson lesson, Gear now, Calibration taught) {
        return switch (lesson) {
            case DRAWS ->
                taught.of(Calibration.What.DRAW).differs(now.baseW() + now.moduleW())
                        || taught.of(Calibration.What.BACKLIGHT).differs(now.backW());
            case CAPACITY -> taught.of(Calibration.What.CAPACITY).differs(now.ah());
        };
    }

    /** The rig with a lesson taken; empty where lamps and the like alone draw more than was taught. */
    public static Optional<Rig> taken(Lesson lesson, Line line, Gear now, Calibration taught) {
        return lesson == Lesson.DRAWS ? draws(line, now, taught) : Optional.of(capacity(line, now, taught));
    }

    /** Draws as they were, each device keeping its part of the whole; empty where lamps and the like alone draw more. */
    static Optional<Rig> draws(Line line, Gear gear, Calibration taught) {
        return new RanTogether(
                        List.of(),
                        taught.of(Calibration.What.DRAW).after(),
                        taught.of(Calibration.What.BACKLIGHT).after(),
                        gear.baseW() + gear.moduleW(),
                        gear.backW())
                .taken(line);
    }

    /** Batteries in use with the share of their rating that is left. */
    private static Rig capacity(Line line, Gear gear, Calibration taught) {
        double times = taught.of(Calibration.What.CAPACITY).after() / gear.ah();
        Rig rig = line.entered();
        for (Pack pack : line.rig().harness().packs()) {
            if (pack.role() == PackRole.IN_USE && pack.age().isSet()) {
                double left = Math.max(LEAST_AGE, Math.min(MOST_AGE, pack.age().value() * times));
                rig = rig.with(
                        rig.harness().pack(pack.id()).withAge(Figure.measured(Math.round(left * ROUND) / ROUND)));
            }
        }
        return rig;
    }
}
