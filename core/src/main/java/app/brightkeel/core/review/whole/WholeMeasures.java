package app.brightkeel.core.review.whole;

import app.brightkeel.core.battery.Endurance;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.layout.TakeOff;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.parts.Bill;
import app.brightkeel.core.parts.WholeList;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.battery.SeasonCost;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleStage;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Stream;

/** What one asks of a whole rig, beside its links. */
final class WholeMeasures {

    private static final Told OPEN = new Told(Text.of("not known yet"), Optional.empty());

    private WholeMeasures() {}

    /**
     * A rig that is asked, with what several measures ask of.
     *
     * @param rows     its whole list
     * @param findings none that are put aside
     */
    record Asked(Line line, List<WholeList.Row> rows, SeasonCost season, List<Finding> findings) {

        static Asked of(Line line, RigReviewer reviewer) {
            List<Finding> findings = reviewer.review(line).findings().stream()
                    .filter(each -> !each.putAside())
                    .toList();
            List<WholeList.Row> rows = WholeList.of(line);
            return new Asked(line, rows, SeasonCost.of(line, rows), findings);
        }
    }

    /** @param more whether more of it is better */
    record Measure(String name, boolean more, Function<Asked, Told> of) {}

    /** @param value by which the best is found; empty where it is open */
    record Told(Text words, Optional<Double> value) {

        static Told of(double value, Unit unit) {
            return new Told(Text.of("{}", new Amount(value, unit)), Optional.of(value));
        }
    }

    static List<Measure> all() {
        return List.of(
                new Measure("hours, nine days of ten", true, WholeMeasures::hours),
                new Measure("mass of the rig", false, WholeMeasures::mass),
                new Measure("still to pay", false, WholeMeasures::toPay),
                new Measure("all its gear", false, WholeMeasures::worth),
                new Measure("cost of a season", false, WholeMeasures::season),
                new Measure("cost of an hour out", false, WholeMeasures::anHour),
                new Measure(
                        "minutes to strip it",
                        false,
                        asked -> Told.of(TakeOff.of(asked.line().rig()).minMin(), Unit.MINUTE)),
                new Measure("holes to drill", false, WholeMeasures::holes),
                new Measure("what fails", false, asked -> findings(asked, Verdict.FAILS)),
                new Measure("what is tight", false, asked -> findings(asked, Verdict.CLOSE)));
    }

    private static Told hours(Asked asked) {
        Outcome<Endurance> hours = asked.line().get(RuntimeBand.STAGE);
        return hours.isKnown()
                ? new Told(
                        Text.of(
                                "{}, usually {}",
                                new Amount(hours.value().lowH(), Unit.HOUR),
                                new Amount(hours.value().median().hours(), Unit.HOUR)),
                        Optional.of(hours.value().lowH()))
                : OPEN;
    }

    /** Displays, batteries in use and transducers, as far as each is weighed. */
    private static Told mass(Asked asked) {
        Rig rig = asked.line().rig();
        List<Figure> all = Stream.of(
                        rig.devices().stream().filter(each -> !each.later()).map(Device::massKg),
                        rig.harness().packs().stream()
                                .filter(each -> each.role() == PackRole.IN_USE)
                                .map(Pack::massKg),
                        rig.transducers().stream().map(Transducer::massKg))
                .flatMap(each -> each)
                .toList();
        long open = all.stream().filter(each -> !each.isSet()).count();
        double sum =
                all.stream().filter(Figure::isSet).mapToDouble(Figure::value).sum();
        return open == 0 && !all.isEmpty()
                ? Told.of(sum, Unit.KILOGRAM)
                : all.isEmpty()
                        ? OPEN
                        : new Told(
                                Text.of(
                                        "{} and {} not weighed",
                                        new Amount(sum, Unit.KILOGRAM),
                                        new Amount(open, Unit.COUNT)),
                                Optional.empty());
    }

    private static Told toPay(Asked asked) {
        Bill bill = Bill.of(asked.rows(), Figure.UNSET);
        return open(bill.toBuy(), bill.unknown());
    }

    private static Told worth(Asked asked) {
        return open(prices(asked), unpriced(asked));
    }

    private static double prices(Asked asked) {
        return asked.rows().stream()
                .flatMap(row -> row.price().stream())
                .mapToDouble(Amount::si)
                .sum();
    }

    private static long unpriced(Asked asked) {
        return asked.rows().stream().filter(row -> row.price().isEmpty()).count();
    }

    /** A sum in which something is not known says so, and is compared with none. */
    private static Told open(double sum, long unknown) {
        return new Told(
                unknown == 0
                        ? Text.of("{}", new Amount(sum, Unit.MONEY))
                        : Text.of(
                                "{} and {} without a price",
                                new Amount(sum, Unit.MONEY),
                                new Amount(unknown, Unit.COUNT)),
                unknown == 0 ? Optional.of(sum) : Optional.empty());
    }

    private static Told season(Asked asked) {
        return atLeast(asked, asked.season().aSeason(), Unit.MONEY);
    }

    private static Told anHour(Asked asked) {
        OptionalDouble hour = asked.season().anHour();
        return hour.isPresent() ? atLeast(asked, hour.getAsDouble(), Unit.FINE_MONEY) : OPEN;
    }

    /** What has no price is at least nothing. */
    private static Told atLeast(Asked asked, double cost, Unit unit) {
        return asked.season().unpriced() > 0
                ? new Told(Text.of("{} at least", new Amount(cost, unit)), Optional.empty())
                : Told.of(cost, unit);
    }

    private static Told holes(Asked asked) {
        return asked.line()
                .get(HoleStage.STAGE)
                .map(holes -> Told.of(
                        holes.stream()
                                .filter(hole -> !hole.there())
                                .map(Hole::id)
                                .distinct()
                                .count(),
                        Unit.COUNT))
                .orElse(OPEN);
    }

    private static Told findings(Asked asked, Verdict verdict) {
        long count = asked.findings().stream()
                .filter(each -> each.verdict() == verdict)
                .map(Finding::text)
                .distinct()
                .count();
        return Told.of(count, Unit.COUNT);
    }
}
