package app.brightkeel.core.battery;

import app.brightkeel.core.battery.Simulation.Shift;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import java.util.List;

/** The discharge as curves, for the picture: planned, and along the shortest ways to the low and the high hours. */
public final class Curves implements Stage<Simulation, Curves.Band> {

    public static final Curves STAGE = new Curves();

    private Curves() {}

    /**
     * Runs with their points.
     *
     * @param toEmpty the planned run without a reserve: what the pack would still give
     */
    public record Band(Run median, Run low, Run high, Run toEmpty) {}

    @Override
    public String name() {
        return "discharge curves";
    }

    @Override
    public Outcome<Simulation> needs(Line line) {
        return Runtime.STAGE.needs(line);
    }

    @Override
    public Band compute(Simulation needs) {
        Shift worst = Endurance.of(needs).worst();
        Shift best = new Shift(worst.draw().stream().map(d -> -d).toList(), -worst.capacity(), -worst.ohm());
        Simulation spent = needs.withDepth(1);
        return new Band(
                needs.run(needs.planned(), true),
                needs.run(worst, true),
                needs.run(best, true),
                spent.run(spent.planned(), true));
    }

    @Override
    public Working working(Line line) {
        Outcome<Simulation> needs = needs(line);
        return needs.isKnown()
                ? Runtime.STAGE.working(line)
                : Working.missing("The discharge", List.copyOf(needs.missing()));
    }
}
