package app.brightkeel.benchmark;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Candidates;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.RigReviewer;
import app.brightkeel.core.rig.Rig;
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
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The nine states of one rig after the other, all different, in a search through the choices of seven links. Bound: 40 µs in
 * the middle, on the machine as {@code ./keel} starts it.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(
        value = 1,
        jvmArgsAppend = {"-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Xmx256m"})
public class SearchBenchmark {

    private static final int OPTIONS = 6;

    private final RigReviewer reviewer = new RigReviewer();

    @Param({"Oystercatcher", "Lantern", "Sandpiper", "Gannet", "Reedling"})
    public String name = "";

    private Line base = Line.of(DemoRigs.gannet());
    private List<Rig> rigs = List.of();
    private Candidates candidates = new Candidates(base);
    private int next;

    @Setup
    public void combine() {
        Rig rig = DemoRigs.all().stream()
                .filter(each -> each.name().startsWith(name))
                .findFirst()
                .orElseThrow();
        base = Line.of(rig);
        rigs = Combined.of(rig, OPTIONS);
        candidates = new Candidates(base);
    }

    @Benchmark
    public Object amongMany() {
        return states(candidates.of(following()));
    }

    /** The same rigs, each from the one at the start alone. */
    @Benchmark
    public Object alone() {
        return states(base.with(following()));
    }

    /** After the last one another search begins, which knows nothing of this one. */
    private Rig following() {
        next = (next + 1) % rigs.size();
        if (next == 0) {
            candidates = new Candidates(base);
        }
        return rigs.get(next);
    }

    private Object states(Line line) {
        Object last = line;
        for (Link link : Link.values()) {
            last = reviewer.state(line, link);
        }
        return last;
    }
}
