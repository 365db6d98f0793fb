package app.brightkeel.core.trip;

import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.battery.Simulation;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Looks ahead: the rig's own day, on the battery as it will be, by the draws and the cold that the log taught. */
final class OutlookMaker {

    /** Beyond so many years nothing is said: other things end a battery by then. */
    private static final int HORIZON_YEARS = 12;

    /** A picture of fewer years to come says little. */
    private static final int LEAST_SHOWN_YEARS = 3;

    private static final int STEP_DAYS = 30;

    /** To a week nobody knows when a battery falls short. */
    private static final int NEAR_DAYS = 7;

    private static final int HALVINGS = 24;
    private static final double LEAST_TIMES = 0.05;
    private static final double MOST_TIMES = 20;

    private final Line line;
    private final Gear now;
    private final Fit fit;
    private final Simulation day;
    private final Fading fading;
    private final int trips;

    private OutlookMaker(Line line, Gear now, Gear plan, TripModel model, Fit fit, Calibration taught) {
        this.line = line;
        this.now = now;
        this.fit = fit;
        Rig corrected = Lessons.draws(line, now, taught).orElse(line.entered());
        double cold = taught.of(Calibration.What.COLD).after();
        day = Line.of(corrected)
                .needs(Runtime.STAGE)
                .value()
                .with(pack -> pack.withColdFactor(Math.pow(pack.coldFactor(), cold)));
        trips = model.trips().size();
        fading = new Fading(
                plan,
                fit,
                model.trips().get(0).date(),
                model.trips().get(trips - 1).date());
    }

    static Outlook of(Line line, Gear now, Gear plan, TripModel model, Fit fit, Calibration taught) {
        return new OutlookMaker(line, now, plan, model, fit, taught).outlook();
    }

    /** Hours of the day with so much capacity [h]. */
    private double hours(double ah) {
        return day.with(pack -> pack.aged(pack.ageFactor() * ah / now.ah()))
                .asPlanned()
                .hours();
    }

    private Outlook outlook() {
        double wanted = day.load().hours();
        double needed = needed(wanted);
        LocalDate from = crossing(needed, Outlook.At::ah);
        LocalDate early = crossing(needed, Outlook.At::lowAh);
        LocalDate late = crossing(needed, Outlook.At::highAh);
        Outlook.At today = fading.at(fading.last());
        Outlook.At next = fading.at(fading.last().plusYears(1));
        double nextH = hours(next.ah());
        double draws = Calibration.TENTH * fit.deviation(TripModel.Unknown.BASE.ordinal());
        double down = Math.hypot(Math.log(nextH / hours(next.lowAh())), draws);
        double up = Math.hypot(Math.log(hours(next.highAh()) / nextH), draws);
        Seasons seasons = Seasons.of(line.rig(), fading.first());
        double rated = rated();
        Outlook bare = new Outlook(
                shown(from, late),
                rated,
                today.ah() / rated,
                today.lowAh() / rated,
                today.highAh() / rated,
                wanted,
                Double.isInfinite(needed) ? 0 : needed,
                nextH,
                nextH * Math.exp(-down),
                nextH * Math.exp(up),
                written(from),
                written(early),
                written(late),
                days(early),
                days(late),
                List.of());
        return bare.withWords(OutlookWords.of(bare, seasons, hours(today.ah()), price(), perYear()));
    }

    /** Least capacity with which the day is met, by halving: hours only grow with it [Ah]. */
    private double needed(double wanted) {
        double low = LEAST_TIMES * now.ah();
        double high = MOST_TIMES * now.ah();
        if (hours(high) < wanted) {
            return Double.POSITIVE_INFINITY;
        }
        if (hours(low) >= wanted) {
            return low;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = Math.sqrt(low * high);
            if (hours(middle) < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    /** First day from the last trip on when there is less than needed; the end of all days where there is none. */
    private LocalDate crossing(double needed, ToDoubleFunction<Outlook.At> ah) {
        LocalDate end = fading.last().plusYears(HORIZON_YEARS);
        for (LocalDate each = fading.last(); each.isBefore(end); each = each.plusDays(NEAR_DAYS)) {
            if (ah.applyAsDouble(fading.at(each)) < needed) {
                return each;
            }
        }
        return LocalDate.MAX;
    }

    private static String written(LocalDate day) {
        return day.equals(LocalDate.MAX) ? "" : day.toString();
    }

    private List<Outlook.At> shown(LocalDate from, LocalDate late) {
        LocalDate least = fading.last().plusYears(LEAST_SHOWN_YEARS);
        LocalDate most = fading.last().plusYears(HORIZON_YEARS);
        LocalDate crossed = late.equals(LocalDate.MAX) ? from : late;
        LocalDate end = crossed.equals(LocalDate.MAX) ? least.plusYears(2) : crossed.plusYears(1);
        end = end.isBefore(least) ? least : end.isAfter(most) ? most : end;
        List<Outlook.At> all = new ArrayList<>();
        for (LocalDate each = fading.first(); each.isBefore(end); each = each.plusDays(STEP_DAYS)) {
            all.add(fading.at(each));
        }
        all.add(fading.at(end));
        return all;
    }

    private double rated() {
        return line.needs(Runtime.STAGE).value().packs().stream()
                .mapToDouble(source -> source.least(PackModel::ratedAh))
                .sum();
    }

    /** Days of use in a year, by the log; a log of less than a year counts as one. */
    private double perYear() {
        return trips / Math.max(1, Fading.years(fading.first(), fading.last()));
    }

    private int days(LocalDate until) {
        if (until.equals(LocalDate.MAX)) {
            return 0;
        }
        return (int) Math.round(Fading.years(fading.first(), until) * perYear());
    }

    /** Of all batteries in use; unset where one has none. */
    private Figure price() {
        double sum = 0;
        for (var pack : line.rig().harness().packs()) {
            if (pack.role() == PackRole.IN_USE) {
                if (!pack.label().price().isSet()) {
                    return Figure.UNSET;
                }
                sum += pack.label().price().value();
            }
        }
        return Figure.chosen(sum);
    }
}
