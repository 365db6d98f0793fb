package app.brightkeel.core.route;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Travel;
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
        List<LaidCable> laid = new ArrayList<>();
        if (rig.transducers().isEmpty()) {
            missing.add("/transducers");
        }
        for (Transducer transducer : rig.transducers()) {
            if (rig.runOf(transducer.id()).isEmpty()) {
                missing.add("/runs");
            }
        }
        for (DataLead lead : rig.network().leads()) {
            boolean laidAlready = rig.runOf(lead.id()).isPresent();
            if (!laidAlready && Cable.of(rig, lead.id()).filter(Cable::crosses).isPresent()) {
                missing.add("/runs");
            }
        }
        for (int r = 0; r < rig.runs().size(); r++) {
            laid(rig, r, missing).ifPresent(laid::add);
        }
        return Outcome.unless(missing, () -> new Routes(laid));
    }

    private static Optional<LaidCable> laid(Rig rig, int r, List<String> missing) {
        Run run = rig.runs().get(r);
        Cable cable = Cable.of(rig, run.carries()).orElseThrow();
        int before = missing.size();
        List<Passage> legs = legs(rig.craft(), run, missing);
        boolean opening = legs.stream().anyMatch(leg -> leg.way().opening());
        if (cable.sort() != Cable.Kind.POWER) {
            wantEnds(rig, cable, missing);
            if (legs.isEmpty() && !cable.start().equals(cable.end())) {
                missing.add("/runs/" + r + "/legs");
            }
            if (opening && !cable.plugM().isSet()) {
                missing.add(cable.plugAt());
            }
        }
        if (!cable.suppliedM().isSet()) {
            missing.add(cable.lengthAt());
        }
        for (int t = 0; t < run.travels().size(); t++) {
            Outcome.want(missing, run.travels().get(t).strokeM(), "/runs/" + r + "/travels/" + t + "/strokeM");
        }
        if (missing.size() > before || legs.size() < run.legs().size()) {
            return Optional.empty();
        }
        // where nothing has to pass an opening, how wide the plug is decides nothing
        return Optional.of(new LaidCable(
                run.id(),
                opening ? cable : cable.withPlugM(Figure.UNSET),
                legs,
                run.slackM(),
                Travel.extraM(run.travels()),
                run.cableM().value()));
    }

    /** Of what has plugs at both ends both places have to be said. */
    private static void wantEnds(Rig rig, Cable cable, List<String> missing) {
        for (int t = 0; t < rig.transducers().size(); t++) {
            if (rig.transducers().get(t).id().equals(cable.id())
                    && cable.start().isEmpty()) {
                missing.add(Pointer.transducer(t, "mount/station"));
            }
        }
        if (cable.end().isEmpty() || !cable.sonar() && cable.start().isEmpty()) {
            missing.add("/places");
        }
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
        return Pointer.passage(craft.passages().indexOf(passage), field);
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
