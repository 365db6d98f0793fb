package app.brightkeel.core.battery;

import app.brightkeel.core.line.DearStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.quantity.Unit;
import java.util.function.ToDoubleFunction;

/**
 * The ampere-hours that last the day, were packs made in every size: by finding the root of the simulation's hours over
 * the capacity of each pack, which rise with it.
 */
public final class Needed implements DearStage<Simulation, Needed.Capacity> {

    public static final Needed STAGE = new Needed();

    private static final double LEAST_AH = 0.05;
    private static final double MOST_AH = 3000;

    /** Relative, on the ampere-hours. */
    private static final double CLOSE_ENOUGH = 1e-3;

    private static final int MOST_STEPS = 60;

    private Needed() {}

    /**
     * Of each pack, where several stand in parallel; {@link Double#POSITIVE_INFINITY} where no size would do.
     *
     * @param middleAh for the median hours
     * @param surelyAh for the low hours, exceeded on nine days of ten
     */
    public record Capacity(double middleAh, double surelyAh) {}

    @Override
    public String name() {
        return "capacity needed";
    }

    @Override
    public Outcome<Simulation> needs(Line line) {
        return line.needs(Runtime.STAGE);
    }

    @Override
    public Capacity compute(Simulation needs) {
        double wanted = needs.load().hours();
        double start = needs.first().ratedAh();
        double middle = root(needs, start, wanted, each -> each.asPlanned().hours());
        double surely = root(
                needs,
                middle * 1.2,
                wanted,
                each -> Endurance.of(each, each.asPlanned()).lowH());
        return new Capacity(middle, surely);
    }

    /** Brackets outwards from a first guess, then bisects: hours may jump where an operating point begins to exist. */
    private static double root(Simulation simulation, double guess, double wanted, ToDoubleFunction<Simulation> hours) {
        double low = Math.min(Math.max(guess, LEAST_AH), MOST_AH);
        double high = low;
        while (low > LEAST_AH && hours.applyAsDouble(sized(simulation, low)) >= wanted) {
            high = low;
            low = Math.max(LEAST_AH, low / 1.5);
        }
        while (hours.applyAsDouble(sized(simulation, high)) < wanted) {
            if (high >= MOST_AH) {
                return Double.POSITIVE_INFINITY;
            }
            low = high;
            high = Math.min(MOST_AH, high * 1.5);
        }
        for (int i = 0; i < MOST_STEPS && high - low > CLOSE_ENOUGH * high; i++) {
            double middle = Math.sqrt(low * high);
            if (hours.applyAsDouble(sized(simulation, middle)) < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    private static Simulation sized(Simulation simulation, double ah) {
        return simulation.with((PackModel pack) -> pack.sized(ah));
    }

    @Override
    public Working working(Line line) {
        Outcome<Capacity> outcome = line.get(this);
        if (!outcome.isKnown()) {
            return Working.missing("The smallest that lasts", outcome.missing());
        }
        Simulation simulation = line.needs(Runtime.STAGE).value();
        PackModel first = simulation.first();
        Working.Builder all = Working.of(
                        "The smallest that lasts",
                        "hours(Ah) = wanted, solved for Ah",
                        Source.derived("the simulation of the hours, run for one size after another"))
                .step("wanted", "the day", simulation.load().hours(), Unit.HOUR)
                .remark(
                        "of {}, as cold, old and deeply used as planned",
                        first.chemistry().words())
                .step("C now", "rated capacity of each", first.ratedAh(), Unit.AMPERE_HOUR);
        if (Double.isInfinite(outcome.value().middleAh())) {
            return all.remark("no size would do: the wire or the device's lowest volts end it")
                    .done();
        }
        if (Double.isFinite(outcome.value().surelyAh())) {
            all.step("C surely", "lasts on nine days of ten", outcome.value().surelyAh(), Unit.AMPERE_HOUR);
        }
        return all.result("C", "lasts in the middle", outcome.value().middleAh(), Unit.AMPERE_HOUR)
                .done();
    }
}
