package app.brightkeel.core.line;

import app.brightkeel.core.rig.Assumptions;
import app.brightkeel.core.rig.Rig;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** The stages of one rig, computed once, when they are asked for; several threads may ask. */
public final class Line {

    private record Done(Outcome<?> needs, Outcome<?> result) {}

    private final Rig entered;
    private final Rig rig;
    private final Map<Stage<?, ?>, Done> before;
    private final Map<Stage<?, ?>, Done> done = new ConcurrentHashMap<>();
    private final Set<Stage<?, ?>> underWay = new LinkedHashSet<>();

    private Line(Rig entered, Rig rig, Map<Stage<?, ?>, Done> before) {
        this.entered = entered;
        this.rig = rig;
        this.before = before;
    }

    public static Line of(Rig entered) {
        return new Line(entered, Assumptions.fill(entered), Map.of());
    }

    /** The line of a changed rig; what a stage needs and finds unchanged is not computed again. */
    public Line with(Rig changed) {
        return new Line(changed, Assumptions.fill(changed, entered, rig), done);
    }

    /** As stored: what changes start from. */
    public Rig entered() {
        return entered;
    }

    /** Filled with assumptions: what stages read. */
    public Rig rig() {
        return rig;
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

    private <I, R> Done settled(Stage<I, R> stage) {
        Done mine = done.get(stage);
        return mine == null ? settle(stage) : mine;
    }

    /** One at a time: what a stage asks for is of this same line. */
    private synchronized <I, R> Done settle(Stage<I, R> stage) {
        Done mine = done.get(stage);
        if (mine == null) {
            if (!underWay.add(stage)) {
                throw new IllegalStateException("stages in a circle: "
                        + underWay.stream().map(Stage::name).toList());
            }
            Outcome<I> needs = stage.needs(this);
            Done old = before.get(stage);
            mine = old != null && old.needs().equals(needs) ? old : new Done(needs, needs.map(stage::compute));
            done.put(stage, mine);
            underWay.remove(stage);
        }
        return mine;
    }
}
