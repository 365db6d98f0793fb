package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.PackCost;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.parts.WholeList;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What a season costs: batteries by their life, all else over some years.
 *
 * @param batteries for each year of their life
 * @param gear      price of all else that has one
 * @param unpriced  lines of the list without a price: the true sum is more
 * @param days      of the season on which it goes out
 * @param hours     of one such day; empty where that is not known
 */
public record SeasonCost(double batteries, double gear, long unpriced, double days, OptionalDouble hours) {

    /** What all but batteries lasts [years]; common practice, no source. */
    private static final double GEAR_YEARS = 8;

    /** @param rows its whole list */
    public static SeasonCost of(Line line, List<WholeList.Row> rows) {
        double all = rows.stream()
                .flatMap(row -> row.price().stream())
                .mapToDouble(Amount::si)
                .sum();
        double packs = line.rig().harness().packs().stream()
                .map(pack -> pack.label().price())
                .filter(Figure::isSet)
                .mapToDouble(Figure::value)
                .sum();
        Outcome<DayLoad> day = line.get(Load.STAGE);
        return new SeasonCost(
                PackCost.aYear(line.rig()),
                Math.max(0, all - packs),
                rows.stream().filter(row -> row.price().isEmpty()).count(),
                PackCost.daysOut(line.rig()),
                day.isKnown() && day.value().hours() > 0
                        ? OptionalDouble.of(day.value().hours())
                        : OptionalDouble.empty());
    }

    public double aSeason() {
        return batteries + gear / GEAR_YEARS;
    }

    public OptionalDouble anHour() {
        return hours.isPresent() ? OptionalDouble.of(aSeason() / (days * hours.getAsDouble())) : OptionalDouble.empty();
    }

    /** How it comes about. */
    public static Working working(Line line) {
        SeasonCost cost = of(line, WholeList.of(line));
        Working.Builder told = Working.of(
                "What a season costs",
                "B + G / T; for an hour: over the days and their hours",
                Source.derived("common practice, no source: gear is worn out or outdated after eight years"));
        for (Pack pack : line.rig().harness().packs()) {
            PackCost.aYear(line.rig(), pack)
                    .ifPresent(year -> told.step("", Text.of("{}, a year of its life", pack.name()), year, Unit.MONEY));
        }
        told.step("B", "batteries, a year", cost.batteries(), Unit.MONEY)
                .step("G", "all else on the list", cost.gear(), Unit.MONEY)
                .step("T", "years all else lasts", GEAR_YEARS, Unit.COUNT)
                .step("", "days out in a year", cost.days(), Unit.COUNT);
        if (cost.unpriced() > 0) {
            told.remark("{} lines have no price: it is more than this", cost.unpriced());
        }
        cost.anHour().ifPresent(hour -> told.step("", "an hour out", hour, Unit.FINE_MONEY));
        return told.result("", "a season", cost.aSeason(), Unit.MONEY).done();
    }
}
