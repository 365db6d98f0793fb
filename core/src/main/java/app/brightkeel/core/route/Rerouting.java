package app.brightkeel.core.route;

import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** Lays a cable anew after one of its ends has moved: the shortest way that a careful person would take. */
public final class Rerouting {

    private Rerouting() {}

    /** The rig with a thing at another place and its cables laid anew; one that cannot be laid is left as it is. */
    public static Rig placed(Rig rig, Placement place) {
        Rig moved = rig.with(place);
        List<Run> runs = new ArrayList<>(rig.runs());
        List<Cable> before = Cable.all(rig);
        List<Cable> after = Cable.all(moved);
        for (int c = 0; c < before.size(); c++) {
            Cable cable = after.get(c);
            boolean same = cable.start().equals(before.get(c).start())
                    && cable.end().equals(before.get(c).end());
            if (!same) {
                lay(moved, cable.id(), runs);
            }
        }
        return runs.equals(rig.runs()) ? moved : moved.withRuns(runs);
    }

    /** The same for a thing that keeps all else that is said of its place; one without a place comes off after the day. */
    public static Rig placed(Rig rig, String item, String station) {
        return placed(
                rig,
                rig.placeOf(item)
                        .map(place -> place.withStation(station))
                        .orElseGet(() -> new Placement(item, station, true)));
    }

    /** The rig with the run of one transducer or segment laid anew, or laid for the first time. */
    public static Rig of(Rig rig, String carried) {
        List<Run> runs = new ArrayList<>(rig.runs());
        lay(rig, carried, runs);
        return runs.equals(rig.runs()) ? rig : rig.withRuns(runs);
    }

    private static void lay(Rig rig, String carried, List<Run> runs) {
        Optional<Run> old = rig.runOf(carried);
        if (old.isEmpty() && rig.transducer(carried).isEmpty()) {
            return;
        }
        List<List<Passage>> way = ways(rig, carried, Objections.of(rig, carried)::costM, 1);
        if (way.isEmpty()) {
            return;
        }
        runs.removeIf(run -> run.carries().equals(carried));
        runs.add(old.map(rig.runs()::indexOf).orElse(runs.size()), along(rig, carried, way.get(0)));
    }

    /** The run of a cable along a way: the one it has, or a new one. */
    static Run along(Rig rig, String carried, List<Passage> way) {
        List<String> legs = way.stream().map(Passage::id).toList();
        return run(rig, carried).withLegs(legs);
    }

    /** The run of a cable, or a new one that goes nowhere yet. */
    public static Run run(Rig rig, String carried) {
        return rig.runOf(carried).orElseGet(() -> Run.along(FreshId.of(rig, carried + "-run"), carried, List.of()));
    }

    /** Ways that are open to a cable between where its two ends sit now, pinned passages in each; in one place an empty one. */
    public static List<List<Passage>> ways(Rig rig, String carried) {
        return ways(rig, carried, passage -> passage.lengthM().value(), Ways.MOST);
    }

    static List<List<Passage>> ways(Rig rig, String carried, ToDoubleFunction<Passage> cost, int most) {
        List<String> pinned = rig.runOf(carried).map(Run::through).orElse(List.of());
        Optional<Cable> cable = Cable.of(rig, carried);
        if (cable.filter(Cable::inOnePlace).isPresent()) {
            return List.of(List.of());
        }
        return cable.map(its -> Ways.between(rig.craft(), its.start(), its.end(), pinned, cost, most))
                .orElse(List.of());
    }
}
