package app.brightkeel.core.battery;

import app.brightkeel.core.line.DearStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;

/** The planned run of the rig: of its circuit that ends first. */
public final class Runtime implements DearStage<Simulation, DayRun> {

    public static final Runtime STAGE = new Runtime();

    private Runtime() {}

    @Override
    public String name() {
        return "runtime";
    }

    @Override
    public Outcome<Simulation> needs(Line line) {
        return line.get(Circuits.STAGE).map(order -> order.circuits().get(0));
    }

    @Override
    public DayRun compute(Simulation needs) {
        return needs.asPlanned();
    }

    @Override
    public Working working(Line line) {
        return RuntimeWorking.of(line);
    }
}
