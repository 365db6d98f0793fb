package app.brightkeel.core.battery;

import app.brightkeel.core.line.DearStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;

/** Figures that stand beside the hours: the same pack at the end of its life, and used to the other depth. */
public final class HoursOtherwise implements DearStage<Simulation, HoursOtherwise.Hours> {

    public static final HoursOtherwise STAGE = new HoursOtherwise();

    /** Share of its rating at which a pack counts as worn out; common practice, no source. */
    public static final double END_OF_LIFE = 0.8;

    private HoursOtherwise() {}

    /**
     * @param newH       at the whole rating, everything else as planned
     * @param endOfLifeH at 80 % of the rating, or what is left of it where that is less
     * @param longLifeH  at the depth that gives a long life
     * @param onceH      at the depth for once in a while
     * @param emptyH     to the very end
     * @param noWireH    were nothing lost between battery and device
     */
    public record Hours(
            double newH, double endOfLifeH, double longLifeH, double onceH, double emptyH, double noWireH) {}

    @Override
    public String name() {
        return "hours beside";
    }

    @Override
    public Outcome<Simulation> needs(Line line) {
        return line.needs(Runtime.STAGE);
    }

    @Override
    public Hours compute(Simulation needs) {
        return new Hours(
                hours(needs.with(pack -> pack.aged(1))),
                hours(needs.with(pack -> pack.aged(Math.min(pack.ageFactor(), END_OF_LIFE)))),
                hours(needs.with(pack -> pack.usedTo(pack.chemistry().data().longLifeDepth()))),
                hours(needs.with(pack -> pack.usedTo(pack.chemistry().data().depth()))),
                hours(needs.withDepth(1)),
                hours(needs.withoutWire()));
    }

    private static double hours(Simulation simulation) {
        return simulation.asPlanned().hours();
    }

    @Override
    public Working working(Line line) {
        return Runtime.STAGE.working(line);
    }
}
