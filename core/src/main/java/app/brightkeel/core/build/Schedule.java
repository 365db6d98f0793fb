package app.brightkeel.core.build;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Steps on the days of one person: what can be done is done in the order of the work, and nothing waits for what is curing that
 * need not.
 *
 * @param sittings in order, none without a step
 * @param path     ids of the steps that decide how long all of it takes
 * @param minutes  of work in all
 */
public record Schedule(List<Sitting> sittings, List<String> path, double minutes) {

    /** A year and a day: what is not built by then has no end. */
    private static final int MOST_DAYS = 366;

    /** Shorter than that nobody begins another step [min]. */
    private static final double LEAST_MIN = 0.01;

    private static final int MOST_NAMED = 3;

    /**
     * One evening, one day, or one walk to the water.
     *
     * @param day   as 2026-10-31
     * @param begin by the clock on the wall, with its offset, as 2026-10-31T19:00+01:00
     * @param end   of its last step
     * @param water whether it is at the water
     * @param what  is done in it mostly, in words
     * @param steps ids in order
     * @param rests that begin in it, and end after it
     */
    public record Sitting(
            String day,
            String begin,
            String end,
            boolean water,
            double minutes,
            String what,
            List<String> steps,
            List<Resting> rests) {

        public Sitting {
            steps = List.copyOf(steps);
            rests = List.copyOf(rests);
        }
    }

    /**
     * What is left alone.
     *
     * @param step  id of the step that ends it
     * @param hours it takes
     * @param until when it may be touched again, as 2026-10-31T19:00+01:00
     */
    public record Resting(String step, double hours, String until) {}

    public Schedule {
        sittings = List.copyOf(sittings);
        path = List.copyOf(path);
    }

    /** Ids of all steps in the order in which they are done. */
    public List<String> order() {
        return sittings.stream().flatMap(sitting -> sitting.steps().stream()).toList();
    }

    /** In an order that works: that of the work, or one that somebody made and that breaks nothing. */
    static Schedule of(BuildGraph graph, List<String> order, Workshop workshop) {
        return new Planner(graph, order, workshop).schedule();
    }

    /** Walks through the days. */
    private static final class Planner {

        private final BuildGraph graph;
        private final Workshop workshop;
        private final List<String> left;
        private final Map<String, ZonedDateTime> ends = new HashMap<>();
        private final List<Sitting> sittings = new ArrayList<>();

        Planner(BuildGraph graph, List<String> order, Workshop workshop) {
            this.graph = graph;
            this.workshop = workshop;
            left = new ArrayList<>(order);
        }

        Schedule schedule() {
            LocalDate day = workshop.first();
            for (int d = 0; d < MOST_DAYS && !left.isEmpty(); d++) {
                if (workshop.hours(day) > 0) {
                    ZonedDateTime begin = workshop.begin(day);
                    ZonedDateTime until = plus(begin, workshop.hours(day) * 60);
                    ZonedDateTime dry = sitting(day, begin, until, false);
                    if (workshop.byDay(day)) {
                        sitting(day, dry, until, true);
                    }
                }
                day = day.plusDays(1);
            }
            return new Schedule(
                    sittings,
                    graph.criticalPath().stream().map(Step::id).toList(),
                    graph.sheet().steps().stream().mapToDouble(Step::minutes).sum());
        }

        /** As many steps as go into it; when the last of them ends. To the water one goes when all else is done. */
        private ZonedDateTime sitting(LocalDate day, ZonedDateTime begin, ZonedDateTime until, boolean water) {
            ZonedDateTime at = begin;
            if (water && !left.stream().allMatch(this::wet)) {
                return at;
            }
            List<String> done = new ArrayList<>();
            double minutes = 0;
            while (true) {
                ZonedDateTime soonest = null;
                String next = "";
                for (String id : left) {
                    ZonedDateTime ready = ready(id, at, water);
                    if (ready == null) {
                        continue;
                    }
                    if (!ready.isAfter(at)) {
                        next = id;
                        soonest = at;
                        break;
                    }
                    if (soonest == null || ready.isBefore(soonest)) {
                        soonest = ready;
                        next = id;
                    }
                }
                if (soonest == null || !fits(next, soonest, until, done.isEmpty())) {
                    break;
                }
                Step step = graph.step(next);
                at = plus(soonest, step.minutes());
                minutes += step.minutes();
                ends.put(next, at);
                left.remove(next);
                done.add(next);
            }
            if (!done.isEmpty()) {
                sittings.add(new Sitting(
                        day.toString(), written(begin), written(at), water, minutes, what(done), done, rests(done)));
            }
            return at;
        }

        /** The kinds of step that take most of it, in the order in which they come. */
        private String what(List<String> done) {
            Map<StepKind, Double> kinds = new LinkedHashMap<>();
            done.forEach(id -> kinds.merge(graph.step(id).kind(), graph.step(id).minutes(), Double::sum));
            List<StepKind> most = kinds.entrySet().stream()
                    .sorted(Map.Entry.<StepKind, Double>comparingByValue().reversed())
                    .limit(MOST_NAMED)
                    .map(Map.Entry::getKey)
                    .toList();
            return kinds.keySet().stream()
                    .filter(most::contains)
                    .map(StepKind::words)
                    .collect(Collectors.joining(", "));
        }

        private boolean wet(String id) {
            return graph.step(id).kind().chapter() == Chapter.AFLOAT;
        }

        /** A step longer than a whole sitting is begun at its begin, and ends when it ends. */
        private static boolean fits(String id, ZonedDateTime from, ZonedDateTime until, boolean first) {
            return first && !id.isEmpty()
                    ? from.isBefore(until)
                    : from.isBefore(until.minus(millis(LEAST_MIN), ChronoUnit.MILLIS));
        }

        /** When a step can begin, not before now; null while something before it is not done. */
        private @Nullable ZonedDateTime ready(String id, ZonedDateTime now, boolean water) {
            if (wet(id) != water) {
                return null;
            }
            ZonedDateTime ready = now;
            for (Need need : graph.before(id)) {
                ZonedDateTime end = ends.get(need.before());
                if (end == null) {
                    return null;
                }
                ZonedDateTime rested = plus(end, need.restH() * 60);
                if (rested.isAfter(ready)) {
                    ready = rested;
                }
            }
            return ready;
        }

        private List<Resting> rests(List<String> done) {
            List<Resting> all = new ArrayList<>();
            for (String id : done) {
                ZonedDateTime end = ends.get(id);
                for (Need need : graph.after(id)) {
                    if (need.restH() > 0 && end != null) {
                        all.add(new Resting(need.after(), need.restH(), written(plus(end, need.restH() * 60))));
                    }
                }
            }
            return all;
        }

        /** Hours go by as they do, whatever the clock on the wall is set to in between. */
        private static ZonedDateTime plus(ZonedDateTime from, double minutes) {
            return from.plus(millis(minutes), ChronoUnit.MILLIS);
        }

        private static long millis(double minutes) {
            return Math.round(minutes * 60_000);
        }

        private static String written(ZonedDateTime at) {
            return at.truncatedTo(ChronoUnit.MINUTES).toOffsetDateTime().toString();
        }
    }
}
