package app.brightkeel.core.advice;

import app.brightkeel.core.advice.Measures.Measure;
import app.brightkeel.core.line.Candidates;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import java.util.function.LongConsumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Goes through every rig of a space, depth first, and keeps those that hold and that no other beats in everything. What a rule
 * said of one rig is taken over for those that answer alike what it is decided by ({@link Relevance}); where it gives, nothing
 * that hangs on those answers is gone through. A rig that one found before covers is not judged. The same space always has the
 * same answer, on however many threads.
 */
final class Search {

    private static final RigAxis[] AXES = RigAxis.values();
    private static final Measure[] MEASURES = Measure.values();

    /** Answers to the first so many questions make a branch; branches are gone through side by side. */
    private static final int BRANCH = 2;

    /** After so many answers half a rig is held against the front: what is seen, what holds it and the battery are known. */
    private static final int HALF = RigAxis.BANK.ordinal() + 1;

    private static final double NO_END_OF_MINUTES = 1e6;

    /** Branches between which what was found is put together: always the same ones, so that the answer is the same. */
    private static final int ROUND = 20;

    private final Space space;
    private final Measures measures;
    private final double[] mostHours;
    private final boolean ownBox;
    private final Candidates candidates;
    private final List<List<Relevance>> decidedAt;

    /** The groups of rules that are asked of a whole rig. */
    private final List<Relevance> last;

    private final Fronts known;
    private final BooleanSupplier stop;
    private final LongConsumer progress;
    private final AtomicLong done = new AtomicLong();

    private Search(
            Space space,
            Set<Link> but,
            Set<RigAxis> apart,
            List<Front.Point> known,
            BooleanSupplier stop,
            LongConsumer progress) {
        this.space = space;
        this.known = new Fronts(space, apart);
        known.forEach(this.known::add);
        this.stop = stop;
        this.progress = progress;
        measures = space.measures();
        mostHours = Measures.mostHours(space.base());
        ownBox = space.options(RigAxis.BOX).stream().anyMatch(each -> each.id().startsWith(Purchase.ITEM));
        candidates = new Candidates(space.base());
        List<Relevance> groups = Relevance.groups(space.base(), but);
        decidedAt = decided(groups);
        last = groups.stream().filter(Relevance::byAlmostAll).toList();
    }

    /**
     * What a search found.
     *
     * @param points of the front, in the order of their choices
     */
    record Found(List<Front.Point> points, Tally tally) {}

    static Found of(Space space) {
        return of(space, () -> false, done -> {});
    }

    static Found of(Space space, BooleanSupplier stop, LongConsumer progress) {
        return of(space, List.of(), stop, progress);
    }

    /**
     * @param known    rigs of the space that hold, of a search of fewer: they are beaten or stay
     * @param stop     whether to stop: asked again and again, by several threads
     * @param progress told how many rigs are done with, from time to time and by several threads
     */
    static Found of(Space space, List<Front.Point> known, BooleanSupplier stop, LongConsumer progress) {
        return new Search(space, Set.of(), Set.of(), known, stop, progress).run();
    }

    /**
     * The front of each way in which some questions are answered.
     *
     * @param apart those questions
     */
    static Found apart(Space space, Set<RigAxis> apart, BooleanSupplier stop) {
        return new Search(space, Set.of(), apart, List.of(), stop, done -> {}).run();
    }

    /**
     * As if some links were not asked.
     *
     * @param but those links
     */
    static Found but(Space space, Set<Link> but, BooleanSupplier stop) {
        return new Search(space, but, Set.of(), List.of(), stop, done -> {}).run();
    }

    private Found run() {
        List<int[]> branches = branches();
        Fronts front = known;
        Tally.Counting tally = new Tally.Counting(space.size());
        for (int at = 0; at < branches.size() && !stop.getAsBoolean(); at += ROUND) {
            Fronts before = front;
            List<Branch> round = branches.subList(at, Math.min(branches.size(), at + ROUND)).parallelStream()
                    .map(choice -> new Branch(before, choice).gone())
                    .toList();
            front = new Fronts(space, known.apart());
            for (Branch each : round) {
                front.addAll(each.front);
                tally.add(each.tally);
            }
        }
        List<Front.Point> points = new ArrayList<>(front.points());
        points.sort(Comparator.comparing(Front.Point::choice, Arrays::compare));
        return new Found(points, tally.done());
    }

    private List<int[]> branches() {
        int second = space.options(AXES[1]).size();
        return IntStream.range(0, space.options(AXES[0]).size() * second)
                .mapToObj(branch -> {
                    int[] choice = new int[AXES.length];
                    choice[0] = branch / second;
                    choice[1] = branch % second;
                    return choice;
                })
                .toList();
    }

    /** By how many questions are answered: the groups of rules that are decided then. */
    private static List<List<Relevance>> decided(List<Relevance> groups) {
        List<List<Relevance>> all = new ArrayList<>();
        for (int answered = 0; answered <= AXES.length; answered++) {
            int now = answered;
            all.add(groups.stream()
                    .filter(group -> !group.byAlmostAll() && Math.max(BRANCH, group.decidedAt()) == now)
                    .toList());
        }
        return all;
    }

    /** All that hangs on a few answers, gone through by one thread. */
    private final class Branch {
        private final Fronts front;
        private final Tally.Counting tally = new Tally.Counting(0);
        private long said;
        private final int[] choice;

        /** Which rule gave, by the answers it was decided by; empty where none did. */
        private final Map<Relevance, Map<Long, Optional<Rule>>> told = new IdentityHashMap<>();

        /** What was measured, by the answers it depends on. */
        private final Map<Measure, Map<Long, double[]>> measured = new EnumMap<>(Measure.class);

        /** What battery, harness and boxes come to at least, by the answer to which battery. */
        private final Map<Integer, double[]> packs = new HashMap<>();

        /** The line of a rig by how many questions are answered in it; null where it was not asked for yet. */
        private final List<@Nullable Optional<Line>> made;

        private Branch(Fronts before, int[] choice) {
            front = new Fronts(before);
            this.choice = choice;
            made = new ArrayList<>(Collections.nCopies(AXES.length + 1, null));
            made.set(0, Optional.of(space.base()));
            for (Measure measure : Measure.values()) {
                measured.put(measure, new HashMap<>());
            }
        }

        private Branch gone() {
            from(BRANCH);
            tell();
            return this;
        }

        private void tell() {
            long seen = tally.seen();
            progress.accept(done.addAndGet(seen - said));
            said = seen;
        }

        /** A rig is not made until something has to be asked of it; with the same answers as before it is the same. */
        private Optional<Line> line(int answered) {
            Optional<Line> line = made.get(answered);
            if (line == null) {
                Optional<Line> before = line(answered - 1);
                line = before.flatMap(known -> {
                    Optional<Rig> rig = space.next(known.entered(), choice, answered - 1);
                    return rig.filter(each -> each == known.entered()).isPresent() ? before : rig.map(candidates::of);
                });
                made.set(answered, line);
            }
            return line;
        }

        private void from(int answered) {
            if (stop.getAsBoolean() || gives(answered)) {
                return;
            }
            if (answered == HALF && halfBeaten()) {
                tally.beaten(space.below(answered));
                return;
            }
            if (answered == AXES.length) {
                judge();
                return;
            }
            for (int option = 0; option < space.options(AXES[answered]).size(); option++) {
                choice[answered] = option;
                made.subList(answered + 1, made.size()).replaceAll(each -> null);
                if (answered == BRANCH) {
                    tell();
                }
                if (answered + 1 == AXES.length && foretoldBeaten()) {
                    tally.beaten(1);
                } else {
                    from(answered + 1);
                }
            }
            choice[answered] = 0;
        }

        /** Whether it cannot be, or a rule gives that is decided by so many answers: then so does all that hangs on them. */
        private boolean gives(int answered) {
            for (Relevance group : decidedAt.get(answered)) {
                Map<Long, Optional<Rule>> known = told.computeIfAbsent(group, each -> new HashMap<>());
                long key = space.key(choice, group.axes());
                Optional<Rule> rule = known.get(key);
                if (rule == null) {
                    Optional<Line> line = line(answered);
                    if (line.isEmpty()) {
                        tally.cannot(space.below(answered));
                        return true;
                    }
                    rule = group.gives(line.get());
                    known.put(key, rule);
                }
                if (rule.isPresent()) {
                    tally.broken(rule.get(), space.below(answered));
                    return true;
                }
            }
            return false;
        }

        /**
         * Whether every rig with these answers is beaten: they cost and weigh no less, see no more and take no fewer minutes than
         * this one does with the best answers to the others, and no hours beyond those that count are worth anything.
         */
        private boolean halfBeaten() {
            Optional<Line> line = line(HALF);
            if (line.isEmpty()) {
                return false;
            }
            List<double[]> said = List.of(
                    mostHours,
                    Measure.SEEN.atBest(measured(Measure.SEEN, line.get())),
                    measured(Measure.SIGHT, line.get()),
                    packs.computeIfAbsent(
                            choice[HALF - 1],
                            bank -> measures.supplyAtLeast(line.get().entered(), ownBox)));
            // minutes are asked for last: for them whole rigs may have to be made
            if (!front.covers(atLeast(said, NO_END_OF_MINUTES), choice)) {
                return false;
            }
            double minutes = leastMinutes(line.get().entered(), HALF);
            return minutes < NO_END_OF_MINUTES && front.covers(atLeast(said, minutes), choice);
        }

        private static Worth atLeast(List<double[]> said, double minutes) {
            return Measures.worth(Stream.concat(said.stream(), Stream.of(Measures.ofMinutes(minutes)))
                    .toList());
        }

        private double[] measured(Measure measure, Line line) {
            return known(measure).computeIfAbsent(space.key(choice, measure.axes()), key -> measure.of(measures, line));
        }

        /** Of all rigs with the same answers so far that can be put together, or could with another battery. */
        private double leastMinutes(Rig half, int answered) {
            if (answered == AXES.length) {
                long key = space.key(choice, Measure.MINUTES.axes());
                double[] known = known(Measure.MINUTES).get(key);
                if (known == null) {
                    Optional<Rig> rig = answered(half);
                    if (rig.isEmpty()) {
                        return NO_END_OF_MINUTES;
                    }
                    known = Measure.MINUTES.of(measures, candidates.of(rig.get()));
                    known(Measure.MINUTES).put(key, known);
                }
                return Measures.minutes(known);
            }
            double least = NO_END_OF_MINUTES;
            for (int option = 0; option < space.options(AXES[answered]).size(); option++) {
                choice[answered] = option;
                least = Math.min(least, leastMinutes(half, answered + 1));
            }
            choice[answered] = 0;
            return least;
        }

        /** Half a rig with the other questions answered too. */
        private Optional<Rig> answered(Rig half) {
            Optional<Rig> rig = Optional.of(half);
            for (int axis = HALF; axis < AXES.length && rig.isPresent(); axis++) {
                rig = space.next(rig.get(), choice, axis);
            }
            return rig;
        }

        /** Whether what rigs with the same answers were worth makes one that is beaten: it need not be made then. */
        private boolean foretoldBeaten() {
            List<double[]> said = new ArrayList<>(MEASURES.length);
            for (Measure measure : MEASURES) {
                double[] each = known(measure).get(space.key(choice, measure.axes()));
                if (each == null) {
                    return false;
                }
                said.add(measure.atBest(each));
            }
            return front.covers(Measures.worth(said), choice);
        }

        private Map<Long, double[]> known(Measure measure) {
            return Objects.requireNonNull(measured.get(measure));
        }

        private void judge() {
            Optional<Line> line = line(AXES.length);
            if (line.isEmpty()) {
                tally.cannot(1);
                return;
            }
            List<double[]> said = new ArrayList<>(MEASURES.length);
            for (Measure measure : MEASURES) {
                said.add(measured(measure, line.get()));
            }
            Worth worth = Measures.worth(said);
            if (front.covers(worth, choice)) {
                tally.beaten(1);
                return;
            }
            for (Relevance group : last) {
                Optional<Rule> rule = group.gives(line.get());
                if (rule.isPresent()) {
                    tally.broken(rule.get(), 1);
                    return;
                }
            }
            tally.held();
            front.add(new Front.Point(worth, choice.clone()));
        }
    }
}
