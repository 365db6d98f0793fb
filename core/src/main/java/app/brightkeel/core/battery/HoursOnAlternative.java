package app.brightkeel.core.battery;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.DearStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Series;
import java.util.ArrayList;
import java.util.List;

/** The same day on each alternative source, over its own lead. */
public final class HoursOnAlternative implements DearStage<HoursOnAlternative.Needs, HoursOnAlternative.Hours> {

    public static final HoursOnAlternative STAGE = new HoursOnAlternative();

    private HoursOnAlternative() {}

    /** @param each of the alternatives, in the rig's order */
    public record Needs(List<Simulation> each) {}

    /** @param runs of the alternatives, in the rig's order; one that feeds nothing runs for 0 h */
    public record Hours(List<DayRun> runs) {}

    @Override
    public String name() {
        return "alternative sources";
    }

    @Override
    public Outcome<Needs> needs(Line line) {
        Rig rig = line.rig();
        return Outcome.both(line.needs(Runtime.STAGE), line.get(Packs.STAGE), (planned, bank) -> {
            List<List<Integer>> places = Series.of(rig.harness().packs(), PackRole.INSTEAD);
            List<Simulation> all = new ArrayList<>();
            for (int i = 0; i < places.size(); i++) {
                all.add(planned.on(
                        Topology.instead(rig, places.get(i)), bank.instead().get(i)));
            }
            return new Needs(all);
        });
    }

    @Override
    public Hours compute(Needs needs) {
        return new Hours(needs.each().stream().map(HoursOnAlternative::run).toList());
    }

    private static DayRun run(Simulation simulation) {
        boolean feeds = simulation.topology().devices().stream().anyMatch(device -> device >= 0);
        return feeds
                ? simulation.asPlanned()
                : new DayRun(0, End.DEVICE_MINIMUM, 0, 0, Energy.NONE, 1, List.of(), List.of());
    }

    @Override
    public Working working(Line line) {
        Outcome<Hours> outcome = line.get(this);
        if (!outcome.isKnown()) {
            return Working.missing("On an alternative source", outcome.missing());
        }
        List<PackString> sources = line.get(Packs.STAGE).value().instead();
        List<Double> ohms = line.get(Feed.STAGE).map(FeedState::ohms).orElse(List.of());
        Working.Builder all = Working.of(
                        "On an alternative source",
                        "the same day, run with it alone over its own lead",
                        Source.derived("the simulation of the hours, with another pack"))
                .step("t", "on what is in use", line.get(Runtime.STAGE).value().hours(), Unit.HOUR);
        for (int i = 0; i < sources.size(); i++) {
            Pack pack = line.rig().harness().pack(sources.get(i).id());
            DayRun run = outcome.value().runs().get(i);
            all.step("t" + (i + 1), pack.name(), run.hours(), Unit.HOUR)
                    .remark("{} ended because {}", pack.name(), run.end().words());
            for (int s = 0; s < ohms.size(); s++) {
                if (line.rig().harness().segments().get(s).from().equals(pack.id())) {
                    all.opened("R", "its own lead", ohms.get(s), Unit.OHM, Feed.segmentWorking(line, s));
                }
            }
        }
        return all.done();
    }
}
