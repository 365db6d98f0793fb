package app.brightkeel.benchmark;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.Planner;
import app.brightkeel.core.route.PlanningAim;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Bound: five cables on the craft with the most passages planned together in 20 ms. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 10, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PlanBenchmark {

    @Param
    private PlanningAim aim = PlanningAim.CLEANEST;

    private final Rig rig = fiveCables();

    /** A sonar lead, a supply wire, a live head, its network lead, a keypad: all over a kayak of 23 passages. */
    private static Rig fiveCables() {
        Rig rig = DemoRigs.oystercatcher();
        Segment supply = rig.harness().segment("lead");
        List<Device> devices = new ArrayList<>(rig.devices());
        devices.add(device("live-module", "module"));
        devices.add(device("keypad-b", "keypad"));
        Transducer head = Catalogue.transducers().stream()
                .filter(item -> item.id().equals("live-130"))
                .findFirst()
                .orElseThrow()
                .with(t -> t.id("head")
                        .feeds("module")
                        .mount(new Mount(MountKind.LIVE_POLE, "arm-right", Figure.chosen(0.3), Figure.UNSET)));
        List<Transducer> transducers = new ArrayList<>(rig.transducers());
        transducers.set(0, transducers.get(0).withFeeds("display"));
        transducers.add(head);
        return rig.withDevices(devices)
                .withTransducers(transducers)
                .with(supply.withWire(supply.wire().withTwisted(false)))
                .withNetwork(
                        rig.network().withLeads(List.of(data("network", "module"), data("keypad-cable", "keypad"))))
                .with(new Placement("module", "stern-well", true))
                .with(new Placement("keypad", "rail-right", true));
    }

    private static Device device(String origin, String id) {
        return Catalogue.devices().stream()
                .filter(item -> item.id().equals(origin))
                .findFirst()
                .orElseThrow()
                .withId(id);
    }

    private static DataLead data(String id, String from) {
        return new DataLead(id, id, from, "display", Figure.rated(6), Figure.rated(0.016));
    }

    @Benchmark
    public Rig planOfFiveCables() {
        return Planner.planned(rig, aim);
    }
}
