package app.brightkeel.benchmark;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.Warmup;

/** What the screens wait for, for each demo rig, on the machine as {@code ./keel} starts it. */
@Warmup(iterations = 8, time = 1)
@Measurement(iterations = 5, time = 1)
public class DemoBenchmark extends OfDemoRig {

    private Rig rig = DemoRigs.gannet();
    private Line line = Line.of(rig);
    private List<Rig> candidates = List.of();
    private int next;

    @Setup
    public void find() {
        rig = demoRig();
        line = Line.of(rig);
        reviewer.review(line);
        List<Rig> all = new ArrayList<>();
        for (Link link : Link.values()) {
            Links.of(link).alternatives(line).stream().map(Change::after).forEach(all::add);
        }
        candidates = all;
    }

    /** With the band of its hours. */
    @Benchmark
    public Object review() {
        return reviewer.review(Line.of(rig));
    }

    /** Of a rig that was reviewed, as the screen asks for them. */
    @Benchmark
    public Object remedies() {
        return reviewer.remedies(line);
    }

    /** The nine states of one alternative after the other. */
    @Benchmark
    public Object candidate() {
        next = (next + 1) % candidates.size();
        Line then = line.with(candidates.get(next));
        return reviewer.states(then);
    }

    @Benchmark
    public Object compareOfBatteries() {
        return Comparison.of(line, Link.BATTERY, reviewer);
    }

    @Benchmark
    public Object compareOfWires() {
        return Comparison.of(line, Link.WIRE, reviewer);
    }

    @Benchmark
    public Object compareOfMounts() {
        return Comparison.of(line, Link.MOUNT, reviewer);
    }
}
