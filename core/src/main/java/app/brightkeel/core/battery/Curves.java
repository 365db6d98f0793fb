package app.brightkeel.core.battery;

import app.brightkeel.core.battery.Simulation.Shift;
import app.brightkeel.core.line.DearStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;

/** The discharge as curves, for the picture: planned, and along the shortest ways to the low and the high hours. */
public final class Curves implements DearStage<Curves.Needs, Curves.Band> {

    public static final Curves STAGE = new Curves();

    private Curves() {}

    /** @param worst the shortest way to the low hours */
    public record Needs(Simulation simulation, Shift worst) {}

    /**
     * Runs with their points.
     *
     * @param toEmpty the planned run without a reserve: what the pack would still give
     */
    public record Band(DayRun median, DayRun low, DayRun high, DayRun toEmpty) {}

    @Override
    public String name() {
        return "discharge curves";
    }

    @Override
    public Outcome<Needs> needs(Line line) {
        return Outcome.both(
                line.needs(Runtime.STAGE),
                line.get(RuntimeBand.STAGE),
                (simulation, band) -> new Needs(simulation, band.worst()));
    }

    @Override
    public Band compute(Needs needs) {
        Simulation planned = needs.simulation();
        Shift worst = needs.worst();
        Shift best = new Shift(worst.draw().stream().map(d -> -d).toList(), -worst.capacity(), -worst.ohm());
        Simulation spent = planned.withDepth(1);
        return new Band(
                planned.run(planned.planned(), true),
                planned.run(worst, true),
                planned.run(best, true),
                spent.run(spent.planned(), true));
    }

    @Override
    public Working working(Line line) {
        return Runtime.STAGE.working(line);
    }
}
