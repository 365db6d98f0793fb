package app.brightkeel.core.advice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** One front, or several that know nothing of each other: one for each way in which some questions are answered. */
final class Fronts {

    private final Space space;
    private final Set<RigAxis> apart;
    private final Map<Long, Front> all = new HashMap<>();

    /** @param apart by whose answers they are kept apart; none of one front */
    Fronts(Space space, Set<RigAxis> apart) {
        this.space = space;
        this.apart = apart;
    }

    Fronts(Fronts other) {
        this(other.space, other.apart);
        other.all.forEach((key, front) -> all.put(key, new Front(front)));
    }

    Set<RigAxis> apart() {
        return apart;
    }

    private Front of(int[] choice) {
        return all.computeIfAbsent(space.key(choice, apart), key -> new Front());
    }

    /** Whether one with the same answers to those questions is at least as good in everything. */
    boolean covers(Worth worth, int[] choice) {
        return of(choice).covers(worth);
    }

    void add(Front.Point point) {
        of(point.choice()).add(point);
    }

    void addAll(Fronts others) {
        others.points().forEach(this::add);
    }

    List<Front.Point> points() {
        List<Front.Point> points = new ArrayList<>();
        all.values().forEach(front -> points.addAll(front.points()));
        return points;
    }
}
