package app.brightkeel.core.route;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Every cable on its way through the craft. */
public final class RouteStage implements Stage<Routes, Routes> {

    public static final RouteStage STAGE = new RouteStage();

    private RouteStage() {}

    @Override
    public String name() {
        return "route";
    }

    @Override
    public Outcome<Routes> needs(Line line) {
        Rig rig = line.rig();
        List<String> missing = new ArrayList<>();
        List<Laid> laid = new ArrayList<>();
        if (rig.transducers().isEmpty()) {
            missing.add("/transducers");
        }
        for (Transducer transducer : rig.transducers()) {
            if (rig.runOf(transducer.id()).isEmpty()) {
                missing.add("/runs");
            }
        }
        for (int r = 0; r < rig.runs().size(); r++) {
            Run run = rig.runs().get(r);
            int lead = indexOfTransducer(rig, run.carries());
            if (lead >= 0) {
                lead(rig, r, lead, missing).ifPresent(laid::add);
            } else {
                segment(rig, r, missing).ifPresent(laid::add);
            }
        }
        return Outcome.unless(missing, () -> new Routes(laid));
    }

    private static int indexOfTransducer(Rig rig, String id) {
        for (int t = 0; t < rig.transducers().size(); t++) {
            if (rig.transducers().get(t).id().equals(id)) {
                return t;
            }
        }
        return -1;
    }

    private static Optional<Laid> lead(Rig rig, int r, int t, List<String> missing) {
        Run run = rig.runs().get(r);
        Transducer transducer = rig.transducers().get(t);
        List<Passage> legs = legs(rig.craft(), run, missing);
        String start = transducer.mount().station();
        String end = rig.displayOf(transducer).map(d -> rig.stationOf(d.id())).orElse("");
        int before = missing.size();
        if (start.isEmpty()) {
            missing.add(Pointer.transducer(t, "mount/station"));
        }
        if (end.isEmpty()) {
            missing.add("/places");
        }
        if (legs.isEmpty() && !start.equals(end)) {
            missing.add("/runs/" + r + "/legs");
        }
        if (!transducer.lead().lengthM().isSet()) {
            missing.add(Pointer.transducer(t, "lead/lengthM"));
        }
        boolean opening = legs.stream().anyMatch(leg -> leg.way().opening());
        if (opening && !transducer.lead().plugM().isSet()) {
            missing.add(Pointer.transducer(t, "lead/plugM"));
        }
        if (missing.size() > before || legs.size() < run.legs().size()) {
            return Optional.empty();
        }
        return Optional.of(new Laid(
                run.id(),
                transducer.id(),
                "lead of the " + transducer.name(),
                true,
                legs,
                start,
                end,
                slack(run),
                transducer.lead().totalM(),
                opening ? Optional.of(transducer.lead().plugM().value()) : Optional.empty(),
                run.cableM().value()));
    }

    private static Optional<Laid> segment(Rig rig, int r, List<String> missing) {
        Run run = rig.runs().get(r);
        Segment segment = rig.harness().segment(run.carries());
        List<Passage> legs = legs(rig.craft(), run, missing);
        if (!segment.wire().lengthM().isSet()) {
            int s = rig.harness().segments().indexOf(segment);
            missing.add(Pointer.segment(s, "wire/lengthM"));
            return Optional.empty();
        }
        if (legs.size() < run.legs().size()) {
            return Optional.empty();
        }
        return Optional.of(new Laid(
                run.id(),
                segment.id(),
                segment.name(),
                false,
                legs,
                rig.stationOf(segment.from()),
                rig.stationOf(segment.to()),
                slack(run),
                segment.wire().lengthM().value(),
                Optional.empty(),
                run.cableM().value()));
    }

    /** The passages of a run whose lengths are known; what is open is added to what is missing. */
    private static List<Passage> legs(Craft craft, Run run, List<String> missing) {
        List<Passage> legs = new ArrayList<>();
        for (String id : run.legs()) {
            Passage passage = craft.passage(id).orElseThrow();
            if (passage.way().opening() && !passage.openingM().isSet()) {
                missing.add(pointer(craft, passage, "openingM"));
            }
            if (passage.lengthM().isSet()) {
                legs.add(passage);
            } else {
                missing.add(pointer(craft, passage, "lengthM"));
            }
        }
        return legs;
    }

    private static String pointer(Craft craft, Passage passage, String field) {
        return "/craft/passages/" + craft.passages().indexOf(passage) + "/" + field;
    }

    private static double slack(Run run) {
        return run.loopM().value()
                + run.dripM().value()
                + run.movingM().value()
                + run.freeM().value();
    }

    @Override
    public Routes compute(Routes needs) {
        return needs;
    }

    @Override
    public Working working(Line line) {
        return RouteWorking.of(line);
    }
}
