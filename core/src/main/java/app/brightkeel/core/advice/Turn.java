package app.brightkeel.core.advice;

import app.brightkeel.core.advice.Front.Point;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Wanted;
import app.brightkeel.core.review.whole.Breaches;
import app.brightkeel.core.rig.Fields;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Figures;
import app.brightkeel.core.rig.Pointer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A figure that nobody measured, and on which it hangs which rig is advised: worth measuring before anything is bought.
 *
 * @param pointer of it in the rig
 * @param words   of it, as in "the base draw of the 7-in display"
 * @param is      what it was taken for
 * @param turns   where another rig is advised, or none holds
 * @param from    id of the rig that is advised as it is taken
 * @param then    id of the one beyond that; empty where none of those that were looked at holds there
 */
public record Turn(String pointer, String words, Amount is, Amount turns, String from, Optional<String> then) {

    /** What one measures with a meter, a tape or a scale, and what one decides; not what is counted or printed. */
    private static final Set<Unit> MEASURED = EnumSet.of(
            Unit.WATT,
            Unit.HOUR,
            Unit.DEPTH,
            Unit.METRE,
            Unit.MILLIMETRE,
            Unit.CELSIUS,
            Unit.KILOGRAM,
            Unit.AMPERE_HOUR,
            Unit.PERCENT,
            Unit.OHM,
            Unit.AMPERE,
            Unit.DEGREE);

    /** So far a figure is moved either way, of itself; common practice, no source. */
    private static final double MOST = 0.5;

    /** A temperature so far [°C]; common practice, no source. */
    private static final double MOST_C = 12;

    /** So near a turn cannot be told from what the figure was taken for, as a share of how far it is moved. */
    private static final double EDGE = 0.01;

    /** What one buys by its size, or cuts, is decided when it is built; what a holder takes is printed on it. */
    private static final Pattern DECIDED =
            Pattern.compile("/fitOut/(boards|extras|fasteners|closures)/.*|/holders/\\d+/(least|most).*");

    /** Of how far it is moved, how near the turn is found. */
    private static final int HALVINGS = 10;

    /** Rigs that fail as it is, and that would be advised if they held, so many at most. */
    private static final int HOPEFULS = 12;

    /** How far from what it was taken for, as a share of how far it is moved. */
    double nearness() {
        double most = is.unit() == Unit.CELSIUS ? MOST_C : MOST * Math.abs(is.si());
        return Math.abs(turns.si() - is.si()) / most;
    }

    /** Whether it turns there and then, as far as one can measure: it was taken for just what is enough. */
    public boolean edge() {
        return nearness() < EDGE;
    }

    /** The nearest first. */
    static List<Turn> of(Space space, Search.Found found) {
        Optional<Point> best = found.points().stream().min(WhyNot.PLAINEST);
        if (best.isEmpty()) {
            return List.of();
        }
        Contest contest = new Contest(space, found, best.get());
        List<Turn> all = new ArrayList<>();
        contest.unmeasured()
                .forEach((pointer, figure) -> contest.turn(pointer, figure).ifPresent(all::add));
        all.sort(Comparator.comparingDouble(Turn::nearness));
        return List.copyOf(all);
    }

    /** The rigs among which the plainest that holds is advised, whatever a figure is. */
    private static final class Contest {
        private final Space space;
        private final String first;

        /** By id, the plainest first. */
        private final Map<String, Line> rigs = new LinkedHashMap<>();

        private final Line mine;

        private Contest(Space space, Search.Found found, Point best) {
            this.space = space;
            mine = space.line(best.choice()).orElseThrow();
            first = space.id(best.choice());
            List<Point> all = new ArrayList<>(hopefuls(best));
            all.addAll(found.points());
            all.sort(WhyNot.PLAINEST);
            all.forEach(point -> space.rig(point.choice())
                    .ifPresent(rig -> rigs.putIfAbsent(space.id(point.choice()), Line.of(rig))));
        }

        /** Rigs with one answer changed that come before the best and fail: a figure may be all that is in their way. */
        private List<Point> hopefuls(Point best) {
            Measures measures = space.measures();
            List<Point> all = new ArrayList<>();
            for (RigAxis axis : RigAxis.values()) {
                for (int option = 0; option < space.options(axis).size(); option++) {
                    int[] choice = best.choice().clone();
                    choice[axis.ordinal()] = option;
                    space.rig(choice)
                            .map(rig -> new Point(measures.of(Line.of(rig)), choice))
                            .filter(point -> WhyNot.PLAINEST.compare(point, best) < 0)
                            .ifPresent(all::add);
                }
            }
            // what is nearest to it is the likeliest to hold
            all.sort(WhyNot.PLAINEST.reversed());
            return all.subList(0, Math.min(HOPEFULS, all.size()));
        }

        /** Figures of the first rig that nobody measured or decided, by their pointers. */
        private Map<String, Figure> unmeasured() {
            Map<String, Figure> all = new LinkedHashMap<>();
            Figures.visit(
                    mine.entered(),
                    figure -> figure instanceof Figure.Given given
                            && (given.basis() == Figure.Basis.PROPOSED || given.basis() == Figure.Basis.RATED),
                    all::put);
            Figures.visitAssumed(mine.entered(), mine.rig(), all::put);
            all.keySet().removeIf(pointer -> DECIDED.matcher(pointer).matches());
            all.keySet()
                    .removeIf(pointer -> Fields.find(last(pointer))
                            .filter(field -> MEASURED.contains(field.unit()))
                            .isEmpty());
            return all;
        }

        private Optional<Turn> turn(String pointer, Figure figure) {
            Unit unit = Fields.find(last(pointer)).orElseThrow().unit();
            double is = figure.value();
            double most = unit == Unit.CELSIUS ? MOST_C : MOST * Math.abs(is);
            Optional<String> now = advised(pointer, is);
            if (!now.equals(Optional.of(first))) {
                return Optional.empty();
            }
            Optional<Turn> nearest = Optional.empty();
            for (double side : new double[] {-most, most}) {
                Optional<String> then = advised(pointer, is + side);
                if (!then.equals(now) && allowed(pointer, is + side)) {
                    double turns = found(pointer, is, is + side);
                    Turn turn = new Turn(
                            pointer,
                            Wanted.words(mine.rig(), pointer),
                            new Amount(is, unit),
                            new Amount(turns, unit),
                            first,
                            advised(pointer, turns));
                    nearest = nearest.filter(other -> other.nearness() <= turn.nearness())
                            .or(() -> Optional.of(turn));
                }
            }
            return nearest;
        }

        private boolean allowed(String pointer, double value) {
            return put(mine, pointer, value).isPresent();
        }

        /** By halving: on the far side another is advised, on the near side the first. */
        private double found(String pointer, double from, double to) {
            double near = from;
            double far = to;
            for (int k = 0; k < HALVINGS; k++) {
                double middle = (near + far) / 2;
                if (advised(pointer, middle).equals(Optional.of(first))) {
                    near = middle;
                } else {
                    far = middle;
                }
            }
            return far;
        }

        /** The plainest that holds where a figure has this value. */
        private Optional<String> advised(String pointer, double value) {
            return rigs.entrySet().stream()
                    .filter(each -> (shares(each.getValue(), pointer)
                                    ? put(each.getValue(), pointer, value)
                                    : Optional.of(each.getValue()))
                            .filter(Contest::holds)
                            .isPresent())
                    .map(Map.Entry::getKey)
                    .findFirst();
        }

        /** Whether a rig has the very part that a figure is of: of another battery this one's figures say nothing. */
        private boolean shares(Line line, String pointer) {
            return part(line, pointer).equals(part(mine, pointer));
        }

        /** The first on the way that is one of several; none where all of the way is of the rig itself. */
        private static Optional<Object> part(Line line, String pointer) {
            Optional<Object> at = Optional.of(line.entered());
            for (String step : pointer.substring(1).split("/")) {
                at = at.flatMap(here -> Pointer.step(here, step));
                if (step.matches("\\d+")) {
                    return at;
                }
            }
            return Optional.empty();
        }

        private static Optional<Line> put(Line line, String pointer, double value) {
            try {
                return Pointer.with(line.entered(), pointer, Figure.chosen(value))
                        .map(line::with);
            } catch (Refusal refused) {
                return Optional.empty();
            }
        }

        private static boolean holds(Line line) {
            for (Rule rule : Breaches.rules()) {
                // what only doubts what was said is no reason to take another rig
                if (!rule.doubts() && Breaches.fails(line, rule)) {
                    return false;
                }
            }
            return true;
        }

        private static String last(String pointer) {
            return pointer.substring(pointer.lastIndexOf('/') + 1);
        }
    }
}
