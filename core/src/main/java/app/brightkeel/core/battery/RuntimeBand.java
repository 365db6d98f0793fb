package app.brightkeel.core.battery;

import app.brightkeel.core.line.DearStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;

/** The planned run with its band: apart from {@link Runtime}, since it takes several runs more. */
public final class RuntimeBand implements DearStage<RuntimeBand.Needs, Endurance> {

    public static final RuntimeBand STAGE = new RuntimeBand();

    private RuntimeBand() {}

    /** @param planned the run of the simulation as it stands */
    public record Needs(Simulation simulation, DayRun planned) {}

    @Override
    public String name() {
        return "runtime band";
    }

    @Override
    public Outcome<Needs> needs(Line line) {
        return Outcome.both(line.needs(Runtime.STAGE), line.get(Runtime.STAGE), Needs::new);
    }

    @Override
    public Endurance compute(Needs needs) {
        return Endurance.of(needs.simulation(), needs.planned());
    }

    @Override
    public Working working(Line line) {
        return Runtime.STAGE.working(line);
    }
}
