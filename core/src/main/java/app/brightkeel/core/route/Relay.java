package app.brightkeel.core.route;

import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Lays a cable anew after one of its ends has moved: the shortest way that a careful person would take. */
public final class Relay {

    private Relay() {}

    /** The rig with a thing at another place and its cables laid anew; one that cannot be laid is left as it is. */
    public static Rig placed(Rig rig, Placement place) {
        Rig moved = rig.with(place);
        List<Run> runs = new ArrayList<>(rig.runs());
        for (Transducer transducer : rig.transducers()) {
            boolean touches = rig.displayOf(transducer)
                    .filter(display -> display.id().equals(place.item()))
                    .isPresent();
            if (touches) {
                lay(moved, transducer.id(), runs);
            }
        }
        for (Segment segment : rig.harness().segments()) {
            if (segment.from().equals(place.item()) || segment.to().equals(place.item())) {
                lay(moved, segment.id(), runs);
            }
        }
        return runs.equals(rig.runs()) ? moved : moved.withRuns(runs);
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
        Objections objections = Objections.of(rig, carried);
        List<List<Passage>> way =
                Ways.between(rig.craft(), start(rig, carried), end(rig, carried), objections::costM, 1);
        if (way.isEmpty()) {
            return;
        }
        List<String> legs = way.get(0).stream().map(Passage::id).toList();
        if (old.isPresent()) {
            runs.set(runs.indexOf(old.get()), old.get().withLegs(legs));
        } else {
            runs.add(Run.along(FreshId.of(rig, carried + "-run"), carried, legs));
        }
    }

    /** Ways that are open to a cable between where its two ends sit now. */
    public static List<List<Passage>> ways(Rig rig, String carried) {
        return Ways.between(rig.craft(), start(rig, carried), end(rig, carried));
    }

    private static String start(Rig rig, String carried) {
        return rig.transducer(carried)
                .map(t -> t.mount().station())
                .orElseGet(() ->
                        segment(rig, carried).map(s -> rig.stationOf(s.from())).orElse(""));
    }

    private static String end(Rig rig, String carried) {
        Optional<Transducer> transducer = rig.transducer(carried);
        if (transducer.isPresent()) {
            return rig.displayOf(transducer.get())
                    .map(display -> rig.stationOf(display.id()))
                    .orElse("");
        }
        return segment(rig, carried).map(s -> rig.stationOf(s.to())).orElse("");
    }

    private static Optional<Segment> segment(Rig rig, String id) {
        return rig.harness().segments().stream().filter(s -> s.id().equals(id)).findFirst();
    }
}
