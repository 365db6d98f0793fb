package app.brightkeel.core.line;

import app.brightkeel.core.rig.Assumptions;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Part;
import app.brightkeel.core.rig.PartNumbers.Numbered;
import app.brightkeel.core.rig.Reads;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What follows from one rig: its stages, and whatever else was asked, worked out once, when it is asked for; several
 * threads may ask.
 *
 * <p>What was worked out for one rig still stands for a changed one where nothing of what it read has changed: neither a
 * part of the rig nor what it asked for. Where that had to be worked out anew and came to the same, it has not changed.
 */
public final class Line {

    /** Places for what is usually asked of a rig that is only tried. */
    private static final int FEW = 400;

    private static final Map<Object, Known> NOTHING = Map.of();

    private static final Memo MEMO = new Memo();

    /** A line that was tried among others, and where it stands among them. */
    private record Among(Candidates candidates, Numbered numbered) {}

    private final Rig entered;
    private final Supplier<Rig> fill;
    private final Map<Object, Known> before;

    /** Parts in which the rig differs from the one before, as bits. */
    private final long changed;

    private final @Nullable Among among;
    private volatile @Nullable Rig filled;

    private final Map<Object, Known> known = new ConcurrentHashMap<>(FEW);
    private final List<Object> underWay = new ArrayList<>();

    private Line(Rig entered, Rig filled, Map<Object, Known> before, long changed) {
        this.entered = entered;
        this.filled = filled;
        this.fill = () -> filled;
        this.before = before;
        this.changed = changed;
        this.among = null;
    }

    /** One of many that are tried: filled only where something has to be worked out. */
    private Line(Rig entered, Line from, Candidates candidates, Numbered numbered) {
        Rig enteredBefore = from.entered;
        Rig filledBefore = from.rig();
        this.entered = entered;
        this.fill = () -> Assumptions.fill(entered, enteredBefore, filledBefore);
        this.before = from.known;
        Numbered mine = candidates.numbers().of(entered, this::rig, enteredBefore, numbered);
        this.changed = mine.changed(numbered);
        this.among = new Among(candidates, mine);
    }

    public static Line of(Rig entered) {
        return new Line(entered, Assumptions.fill(entered), NOTHING, 0);
    }

    /** The line of a changed rig; what stands on nothing that changed is not worked out again. */
    public Line with(Rig changed) {
        if (among != null) {
            return tried(changed, among.candidates(), among.numbered());
        }
        Rig rig = rig();
        Rig full = Assumptions.fill(changed, entered, rig);
        return new Line(changed, full, known, Part.changed(entered, changed) | Part.changed(rig, full));
    }

    /** @param numbered this line's rig among theirs */
    Line tried(Rig changed, Candidates candidates, Numbered numbered) {
        return new Line(changed, this, candidates, numbered);
    }

    /** The line of the same rig with nothing taken over: itself where it is one. */
    public Line anew() {
        return tookOver() ? of(entered) : this;
    }

    private boolean tookOver() {
        return before != NOTHING;
    }

    /** As stored: what changes start from. */
    public Rig entered() {
        return entered;
    }

    /** Filled with assumptions: what stages read. */
    public Rig rig() {
        Rig full = filled;
        if (full == null) {
            // what is read for it is not read by whoever asks for the rig
            full = Reads.aside(fill);
            filled = full;
        }
        return full;
    }

    /**
     * The result of a stage, or what is missing for it.
     *
     * @throws IllegalStateException where stages ask each other in a circle, which names them
     */
    @SuppressWarnings("unchecked")
    public <I, R> Outcome<R> get(Stage<I, R> stage) {
        return (Outcome<R>) settled(stage).result();
    }

    /** What a stage was computed from, or what is missing for it. */
    @SuppressWarnings("unchecked")
    public <I> Outcome<I> needs(Stage<I, ?> stage) {
        return (Outcome<I>) settled(stage).needs();
    }

    /** What a stage needs and yields; of two that need the same the first one is kept. */
    private record Settled(Outcome<?> needs, Outcome<?> result) {}

    private <I, R> Settled settled(Stage<I, R> stage) {
        return (Settled) asked(stage, (line, old) -> {
            Outcome<I> needs = stage.needs(line);
            return old instanceof Settled before && before.needs().equals(needs)
                    ? before
                    : new Settled(needs, needs.map(each -> line.computed(stage, each)));
        });
    }

    /** A line that took nothing over notes what each result stands on, and so works everything out. */
    private <I, R> R computed(Stage<I, R> stage, I needs) {
        return tookOver() && stage instanceof DearStage<I, R> dear ? MEMO.of(dear, needs) : stage.compute(needs);
    }

    /**
     * Anything that follows from the rig alone.
     *
     * @param key  what it is known by: equal where the work is the same
     * @param work reads the line it is given and nothing else, and yields a value that is compared by what it holds
     */
    @SuppressWarnings("unchecked")
    public <T> T of(Object key, Function<Line, T> work) {
        return (T) asked(key, (line, old) -> {
            T value = work.apply(line);
            return value.equals(old) ? old : value;
        });
    }

    private Object asked(Object key, BiFunction<Line, @Nullable Object, Object> work) {
        Known mine = found(key, work);
        Reads.asked(this, key);
        return mine.value();
    }

    /**
     * The assumed figures of {@link #rig} that something stands on, through all it asked for: the very objects.
     *
     * @param key of what was asked of this line before, which took nothing over: see {@link #anew}
     */
    public Set<Figure> assumed(Object key) {
        Set<Figure> all = Collections.newSetFromMap(new IdentityHashMap<>());
        collectAssumed(key, all, new HashSet<>());
        return all;
    }

    /** The parts of the rig, as bits, that something stands on which was asked of this line before. */
    public long standsOn(Object key) {
        return Objects.requireNonNull(known.get(key)).below();
    }

    private void collectAssumed(Object key, Set<Figure> all, Set<Object> seen) {
        Known mine = known.get(key);
        if (mine != null && seen.add(key)) {
            all.addAll(mine.assumed());
            mine.asked().forEach(each -> collectAssumed(each, all, seen));
        }
    }

    private Known found(Object key, BiFunction<Line, @Nullable Object, Object> work) {
        Known mine = known.get(key);
        return mine == null ? find(key, work) : mine;
    }

    /** One at a time: what is asked for meanwhile is of this same line. */
    private synchronized Known find(Object key, BiFunction<Line, @Nullable Object, Object> work) {
        Known mine = known.get(key);
        if (mine == null) {
            mine = found(key, before.get(key), work);
            known.put(key, mine);
        }
        return mine;
    }

    private Known found(Object key, @Nullable Known old, BiFunction<Line, @Nullable Object, Object> work) {
        if (old != null && (old.below() & changed) == 0) {
            return old;
        }
        Known tried = among == null ? null : among.candidates().find(key, among.numbered());
        if (tried != null) {
            return tried;
        }
        Known mine = old != null && stands(old) ? old : workedOut(key, work, old);
        if (among != null) {
            among.candidates().keep(key, mine, among.numbered());
        }
        return mine;
    }

    /** In the order in which they were asked for: what came later was asked for because of what came first. */
    private boolean stands(Known old) {
        if ((old.parts() & changed) != 0) {
            return false;
        }
        for (Object key : old.asked()) {
            Known was = before.get(key);
            if (was == null || found(key, was.work()).value() != was.value()) {
                return false;
            }
        }
        return true;
    }

    private Known workedOut(Object key, BiFunction<Line, @Nullable Object, Object> work, @Nullable Known old) {
        if (underWay.contains(key)) {
            throw new IllegalStateException("in a circle: "
                    + underWay.stream()
                            .map(each -> each instanceof Stage<?, ?> stage ? stage.name() : each.toString())
                            .toList());
        }
        underWay.add(key);
        try (Reads reads = Reads.open(this)) {
            Object value = work.apply(this, old == null ? null : old.value());
            // what was not computed again had read what it had read
            long parts = reads.parts() | (old != null && old.value() == value ? old.parts() : 0);
            return new Known(work, value, parts, below(parts, reads.asked()), reads.asked(), reads.assumed());
        } finally {
            underWay.remove(underWay.size() - 1);
        }
    }

    private long below(long parts, List<Object> asked) {
        long below = parts;
        for (int i = 0; i < asked.size(); i++) {
            below |= Objects.requireNonNull(known.get(asked.get(i))).below();
        }
        return below;
    }
}
