package app.brightkeel.core.station;

import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.care.CareDue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.parts.WholeList;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.RigReviewer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One thing that is looked at before a rig goes out on a day.
 *
 * @param what  it is about
 * @param ready whether it is as it should be
 * @param says  why, or what is still to be done
 */
public record Ready(String what, boolean ready, Text says) {

    /** So many are named; the rest is counted. */
    private static final int NAMED = 3;

    /**
     * What can be told of the rig itself, its care and its list.
     *
     * @param due  of its care
     * @param done steps of its build that are ticked, {@code steps} of all
     */
    public static List<Ready> of(
            Line line, RigReviewer reviewer, LocalDate day, List<CareDue> due, int done, int steps) {
        List<Ready> all = new ArrayList<>();
        all.add(line(line, reviewer));
        hours(line).ifPresent(all::add);
        all.add(parts(line));
        all.add(new Ready(
                "build",
                steps == 0 || done == steps,
                steps == 0
                        ? Text.of("nothing to build")
                        : done == steps
                                ? Text.of("every step of the sheet is ticked")
                                : Text.of(
                                        "{} of {} steps of the sheet are ticked",
                                        new Amount(done, Unit.COUNT),
                                        new Amount(steps, Unit.COUNT))));
        all.add(care(day, due));
        return all;
    }

    private static Ready line(Line line, RigReviewer reviewer) {
        List<Finding> fails = reviewer.review(line).findings().stream()
                .filter(each -> each.verdict() == Verdict.FAILS && !each.putAside())
                .toList();
        return new Ready(
                "line",
                fails.isEmpty(),
                fails.isEmpty()
                        ? Text.of("nothing on the line fails")
                        : fails.size() == 1
                                ? fails.get(0).text()
                                : Text.of(
                                        "{} and {} more",
                                        fails.get(0).text(),
                                        new Amount(fails.size() - 1, Unit.COUNT)));
    }

    private static Optional<Ready> hours(Line line) {
        Outcome<DayRun> run = line.get(Runtime.STAGE);
        Outcome<DayLoad> day = line.get(Load.STAGE);
        if (!run.isKnown() || !day.isKnown()) {
            return Optional.empty();
        }
        boolean enough = run.value().hours() >= day.value().hours();
        return Optional.of(new Ready(
                "hours",
                enough,
                Text.of(
                        enough ? "{} for a day of {}" : "{}, and the day has {}",
                        new Amount(run.value().hours(), Unit.HOUR),
                        new Amount(day.value().hours(), Unit.HOUR))));
    }

    private static Ready parts(Line line) {
        List<String> missing = WholeList.of(line).stream()
                .filter(WholeList.Row::missing)
                .filter(row -> !row.usual())
                .map(row -> row.name().plain())
                .distinct()
                .toList();
        return new Ready(
                "parts",
                missing.isEmpty(),
                missing.isEmpty()
                        ? Text.of("everything is there")
                        : Text.of("not said to be there: {}", some(missing)));
    }

    private static Ready care(LocalDate day, List<CareDue> due) {
        List<String> open = due.stream()
                .filter(each -> !each.day().isAfter(day))
                .map(CareDue::what)
                .toList();
        return new Ready(
                "care",
                open.isEmpty(),
                open.isEmpty() ? Text.of("nothing is due by then") : Text.of("due by then: {}", some(open)));
    }

    private static String some(List<String> all) {
        String named = String.join("; ", all.subList(0, Math.min(NAMED, all.size())));
        return all.size() > NAMED ? named + "; and " + (all.size() - NAMED) + " more" : named;
    }
}
