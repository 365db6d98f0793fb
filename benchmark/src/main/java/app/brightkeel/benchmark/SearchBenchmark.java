package app.brightkeel.benchmark;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Candidates;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The nine states of one rig after the other, all different, in a search through the choices of seven links. Bound: 40 µs in
 * the middle, on the machine as {@code ./keel} starts it.
 */
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class SearchBenchmark extends OfDemoRig {

    private static final int OPTIONS = 6;

    private Line base = Line.of(DemoRigs.gannet());
    private List<Rig> rigs = List.of();
    private Candidates candidates = new Candidates(base);
    private int next;

    @Setup
    public void combine() {
        Rig rig = demoRig();
        base = Line.of(rig);
        rigs = Combined.of(rig, OPTIONS);
        candidates = new Candidates(base);
    }

    @Benchmark
    public Object amongMany() {
        return reviewer.states(candidates.of(following()));
    }

    /** The same rigs, each from the one at the start alone. */
    @Benchmark
    public Object alone() {
        return reviewer.states(base.with(following()));
    }

    /** After the last one another search begins, which knows nothing of this one. */
    private Rig following() {
        next = (next + 1) % rigs.size();
        if (next == 0) {
            candidates = new Candidates(base);
        }
        return rigs.get(next);
    }
}
