package app.brightkeel.core.review.whole;

import app.brightkeel.core.battery.Endurance;
import app.brightkeel.core.battery.PackCost;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.layout.TakeOff;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.parts.Bill;
import app.brightkeel.core.parts.WholeList;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Verdict;
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
import java.util.function.Function;
import java.util.stream.Stream;

/** What one asks of a whole rig, beside its links. */
final class WholeMeasures {

    /** What all but batteries lasts [years]; common practice, no source. */
    private static final double GEAR_YEARS = 8;

    private static final Told OPEN = new Told(Text.of("not known yet"), Optional.empty());

    private WholeMeasures() {}

    /** @param more whether more of it is better */
    record Measure(String name, boolean more, Function<Line, Told> of) {}

    /** @param value by which the best is found; empty where it is open */
    record Told(Text words, Optional<Double> value) {

        static Told of(double value, Unit unit) {
            return new Told(Text.of("{}", new Amount(value, unit)), Optional.of(value));
        }
    }

    static List<Measure> all(RigReviewer reviewer) {
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
                        line -> Told.of(TakeOff.of(line.rig()).minMin(), Unit.MINUTE)),
                new Measure("holes to drill", false, WholeMeasures::holes),
                new Measure("what fails", false, line -> findings(line, reviewer, Verdict.FAILS)),
                new Measure("what is tight", false, line -> findings(line, reviewer, Verdict.CLOSE)));
    }

    private static Told hours(Line line) {
        Outcome<Endurance> hours = line.get(RuntimeBand.STAGE);
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
    private static Told mass(Line line) {
        Rig rig = line.rig();
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

    private static Told toPay(Line line) {
        Bill bill = Bill.of(WholeList.of(line), Figure.UNSET);
        return open(bill.toBuy(), bill.unknown());
    }

    private static Told worth(Line line) {
        List<WholeList.Row> rows = WholeList.of(line);
        return open(
                rows.stream().mapToDouble(WholeMeasures::price).sum(),
                rows.stream().filter(row -> row.price().isEmpty()).count());
    }

    private static double price(WholeList.Row row) {
        return row.price().map(Amount::si).orElse(0.0);
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

    /** Batteries by their life, all else over some years: what has no price is at least nothing. */
    private static Told season(Line line) {
        return spread(line, 1, Unit.MONEY);
    }

    private static Told anHour(Line line) {
        Outcome<DayLoad> day = line.get(Load.STAGE);
        return day.isKnown() && day.value().hours() > 0
                ? spread(line, PackCost.daysOut(line.rig()) * day.value().hours(), Unit.FINE_MONEY)
                : OPEN;
    }

    private static Told spread(Line line, double over, Unit unit) {
        double packs = line.rig().harness().packs().stream()
                .map(pack -> pack.label().price())
                .filter(Figure::isSet)
                .mapToDouble(Figure::value)
                .sum();
        List<WholeList.Row> rows = WholeList.of(line);
        double all = rows.stream().mapToDouble(WholeMeasures::price).sum();
        double each = (PackCost.aYear(line.rig()) + Math.max(0, all - packs) / GEAR_YEARS) / over;
        boolean open = rows.stream().anyMatch(row -> row.price().isEmpty());
        return open ? new Told(Text.of("{} at least", new Amount(each, unit)), Optional.empty()) : Told.of(each, unit);
    }

    private static Told holes(Line line) {
        return line.get(HoleStage.STAGE)
                .map(holes -> Told.of(
                        holes.stream()
                                .filter(hole -> !hole.there())
                                .map(Hole::id)
                                .distinct()
                                .count(),
                        Unit.COUNT))
                .orElse(OPEN);
    }

    private static Told findings(Line line, RigReviewer reviewer, Verdict verdict) {
        long count = reviewer.review(line).findings().stream()
                .filter(each -> each.verdict() == verdict)
                .filter(each -> !each.putAside())
                .map(Finding::text)
                .distinct()
                .count();
        return Told.of(count, Unit.COUNT);
    }
}
